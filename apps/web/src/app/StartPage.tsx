import { Box, Button, Flex, Heading, Text } from '../theme/chakra';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { startParty } from '@graft/core/lists';
import { TEMPLATES } from '@graft/core/trip';
import { TextEntry } from '../shared/FieldEntry';
import { useLibrary } from '../shared/useLibrary';
import { readNumber } from '../shared/tripFields';
import { useTrip } from '../shared/tripContext';
import { counted } from '../shared/words';
import { Door } from '../trips/Doors';
import { EmptyPreview, ListPreview, TemplatePreview } from './StartPreviews';

const MOST_PEOPLE = 60;
const MOST_STOVES = 12;

/** How a new trip begins: from somebody's list, from a template, or from nothing. */
export function StartPage() {
  const { trip, change, readOnly } = useTrip();
  const { entries } = useLibrary();
  const navigate = useNavigate();
  const [people, setPeople] = useState(5);
  const [stoves, setStoves] = useState(1);
  const cooks = trip.style !== 'hut' && trip.style !== 'dayWalk';
  const nights = trip.legs.length - 1;
  const go = (to: string, state?: object): void => void navigate(`../${to}`, { state });
  return (
    <Box maxW={{ base: '66rem', '2xl': '88rem' }} mx="auto" px="6" py={{ base: '8', '2xl': '14' }} w="100%">
      <Heading as="h1" fontFamily="heading" fontSize="xl" mb="1">
        How would you like to begin?
      </Heading>
      <Text color="fg.muted" mb="6">
        A first share needs names, body weights, what each brings as one figure, and a list of what is shared.
        All of it can be changed at any time.
      </Text>
      <Flex gap="5" align="stretch" direction={{ base: 'column', md: 'row' }}>
        <Door
          title="From my list or spreadsheet"
          about="As you have it: a thing a line, whose it is above, or a table of any program. What Graft takes each thing for is shown before it is taken."
          preview={<ListPreview />}
        >
          <Button size="sm" disabled={readOnly} onClick={() => go('kit', { adding: 'paste' })}>
            Paste a list
          </Button>
          <Button size="sm" variant="ghost" disabled={readOnly} onClick={() => go('kit', { adding: 'csv' })}>
            Open a spreadsheet
          </Button>
        </Door>
        <Door
          title="From a template"
          about={`${TEMPLATES[trip.style].name}, ${counted(nights, 'night')}: people to be named, ${cooks && nights > 0 ? 'tents, stoves with pots, food and fuel' : 'what the party takes together'}, own things as such trips have them. Every weight is a guess until it is weighed.`}
          preview={
            <TemplatePreview
              trip={trip}
              start={{ people, stoves: cooks && nights > 0 ? stoves : 0 }}
              entries={entries}
            />
          }
        >
          <Flex gap="3">
            <TextEntry
              label="People"
              w="6rem"
              value={String(people)}
              take={(text) => takeCount(text, 1, MOST_PEOPLE, setPeople)}
            />
            {cooks && nights > 0 && (
              <TextEntry
                label="Stoves"
                w="6rem"
                value={String(stoves)}
                take={(text) => takeCount(text, 0, MOST_STOVES, setStoves)}
              />
            )}
          </Flex>
          <Button
            size="sm"
            variant="outline"
            disabled={readOnly}
            onClick={() => {
              change('start from a template', (t) =>
                startParty(t, { people, stoves: cooks && nights > 0 ? stoves : 0 }, entries),
              );
              go('people');
            }}
          >
            Start with {counted(people, 'member')}
          </Button>
        </Door>
        <Door
          title="Empty"
          about="Add people first, one line each, then what they take. The days and the way are at Trip."
          preview={<EmptyPreview />}
        >
          <Button
            size="sm"
            variant="outline"
            disabled={readOnly}
            onClick={() => go('people', { adding: true })}
          >
            Add people
          </Button>
          <Button size="sm" variant="ghost" onClick={() => go('brief')}>
            To the trip’s days and way
          </Button>
        </Door>
      </Flex>
    </Box>
  );
}

function takeCount(
  text: string,
  least: number,
  most: number,
  set: (count: number) => void,
): string | undefined {
  const count = readNumber(text);
  if (count === undefined || !Number.isInteger(count) || count < least || count > most)
    return `expected a whole number from ${least} to ${most}, got "${text}"`;
  set(count);
  return undefined;
}
