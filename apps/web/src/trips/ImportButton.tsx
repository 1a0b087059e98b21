import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api, ApiProblem } from '../shared/api';
import { ErrorList } from '../shared/ErrorList';
import { FileButton } from '../shared/FileButton';
import { Box } from '../theme/chakra';

/** A trip from a file. */
export function ImportButton() {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const importing = useMutation({
    mutationFn: async (file: File) => ({ file: file.name, ...(await api.importFile(await file.text())) }),
    onSuccess: async ({ id }) => {
      // The list that it stands in goes when it is no longer empty.
      await navigate(`/trips/${id}`);
      await queries.invalidateQueries({ queryKey: ['trips'] });
    },
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
