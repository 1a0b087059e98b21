import type { MemberSheet, SheetThing } from '@graft/core/sheet';
import type { LoadingStep } from '@graft/core/stow';
import { Mass, Tick } from './SheetTick';
import { useSheetView } from './sheetView';
import { StepPicture } from './StepPicture';
import type { Ticking } from './ticking';

/** Everything that goes in, in its turn; without a plan, everything there is. */
export function Packing(props: {
  sheet: MemberSheet;
  ticking: Ticking | undefined;
  chosenIds: readonly string[];
  onChoose: (ids: readonly string[]) => void;
}) {
  const { sheet, ticking, chosenIds, onChoose } = props;
  const byId = new Map(sheet.things.map((t) => [t.id, t]));
  const stepped = new Set(sheet.steps.flatMap(thingsOfStep));
  const side = sheet.drawing?.side;
  const rest = sheet.things.filter((t) => !stepped.has(t.id));
  const groups: readonly (readonly [string, readonly SheetThing[]])[] = [
    ['Rides inside other things', rest.filter((t) => t.place?.startsWith('in ') === true)],
    ['No place in the pack yet', rest.filter((t) => t.place?.startsWith('in ') !== true && !t.worn)],
    ['On you, not in the pack', rest.filter((t) => t.worn)],
  ];
  return (
    <>
      {sheet.steps.length > 0 && (
        <ol className="sheet-list" aria-label="Loading steps">
          {sheet.steps.map((step, i) => (
            <Step
              key={step.id}
              step={step}
              number={i + 1}
              picture={
                side !== undefined && (
                  <StepPicture
                    view={side}
                    before={new Set(sheet.steps.slice(0, i).flatMap(thingsOfStep))}
                    thingIds={thingsOfStep(step)}
                  />
                )
              }
              things={thingsOfStep(step).flatMap((id) => byId.get(id) ?? [])}
              ticking={ticking}
              chosen={thingsOfStep(step).some((id) => chosenIds.includes(id))}
              onChoose={onChoose}
            />
          ))}
        </ol>
      )}
      {groups.map(
        ([head, things]) =>
          things.length > 0 && (
            <div key={head}>
              <h3>{sheet.steps.length === 0 && head.startsWith('No place') ? 'Into the pack' : head}</h3>
              <ul className="sheet-list">
                {things.map((t) => (
                  <Tick
                    key={t.id}
                    ticking={ticking}
                    kind="packed"
                    thingIds={[t.id]}
                    label={`Packed: ${t.name}`}
                  >
                    <span className="grow">
                      {t.name}{' '}
                      <span className="muted">
                        {t.place ?? ''}
                        {t.fromDay === undefined ? '' : ` from day ${t.fromDay}`}
                      </span>
                    </span>
                    <Mass things={[t]} />
                  </Tick>
                ))}
              </ul>
            </div>
          ),
      )}
    </>
  );
}

function Step(props: {
  step: LoadingStep;
  number: number;
  picture: React.ReactNode;
  things: readonly SheetThing[];
  ticking: Ticking | undefined;
  chosen: boolean;
  onChoose: (ids: readonly string[]) => void;
}) {
  const { step, number, picture, things, ticking, chosen, onChoose } = props;
  const { say } = useSheetView();
  return (
    <Tick
      ticking={ticking}
      kind="packed"
      // Steps that are no thing are ticked under names of their own.
      thingIds={things.length === 0 ? [`step-${step.id}`] : things.map((t) => t.id)}
      label={`Step ${number}: ${step.text}`}
      chosen={chosen}
      onPoint={things.length === 0 ? undefined : () => onChoose(things.map((t) => t.id))}
    >
      <span className="grow">
        <span className="muted number">{number}</span> {step.text}
        {step.hint !== undefined && ' '}
        {step.hint !== undefined && (
          <span className="muted hint">
            {say(
              step.hint,
              things.map((t) => t.name),
            )}
          </span>
        )}
      </span>
      {things.length > 0 && <Mass things={things} />}
      {picture}
    </Tick>
  );
}

/** The things that a step puts in; sheets that a phone stored before steps had several hold one. */
function thingsOfStep(step: LoadingStep & { readonly thingId?: string }): readonly string[] {
  const stored = step as Partial<LoadingStep>;
  return stored.thingIds ?? (step.thingId === undefined ? [] : [step.thingId]);
}
