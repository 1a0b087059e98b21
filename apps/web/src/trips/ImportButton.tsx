import { useMutation } from '@tanstack/react-query';
import { api, ApiProblem } from '../shared/api';
import { ErrorList } from '../shared/ErrorList';
import { FileButton } from '../shared/FileButton';
import { Box } from '../theme/chakra';
import { useOpenMade } from './useOpenMade';

/** A trip from a file. */
export function ImportButton() {
  const importing = useMutation({
    mutationFn: async (file: File) => ({ file: file.name, ...(await api.importFile(await file.text())) }),
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
            errors={problem instanceof ApiProblem ? problem.errors : []}
          />
        </Box>
      )}
    </>
  );
}
