import { useMutation } from '@tanstack/react-query';
import { isHandover } from '../device/kept';
import { api, ApiProblem } from '../shared/api';
import { ErrorList } from '../shared/ErrorList';
import { FileButton } from '../shared/FileButton';
import { Box } from '../theme/chakra';
import { useOpenMade } from './useOpenMade';

/** A trip file becomes a new trip; one by which the lead was handed over goes on on this device. */
async function take(text: string): Promise<string> {
  if (!isHandover(text)) return (await api.importFile(text)).id;
  const { takeHandover } = await import('../device/handover');
  return takeHandover(text);
}

/** A trip from a file. */
export function ImportButton() {
  const importing = useMutation({
    mutationFn: async (file: File) => ({ file: file.name, id: await take(await file.text()) }),
    onSuccess: useOpenMade(),
  });
  const problem = importing.error;
  return (
    <>
      <FileButton
        size="sm"
        variant="outline"
        loading={importing.isPending}
        loadingText="Reading …"
        label="Trip file"
        accept=".json,application/json"
        onFile={(file) => importing.mutate(file)}
      >
        Import a trip file
      </FileButton>
      {problem !== null && (
        <Box w="100%">
          <ErrorList
            title={`${importing.variables?.name ?? 'The file'} was not imported: ${problem.message}`}
            errors={
              problem instanceof ApiProblem || problem.name === 'InvalidInputError'
                ? (problem as ApiProblem).errors
                : []
            }
          />
        </Box>
      )}
    </>
  );
}
