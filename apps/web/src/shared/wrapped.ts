/** Words in as few lines as hold them, each of so many letters at most; undefined when a word is longer than that. */
export function wrapped(text: string, letters: number): readonly string[] | undefined {
  const lines: string[] = [];
  for (const word of text.split(' ')) {
    if (word.length > letters) return undefined;
    const last = lines.at(-1);
    if (last !== undefined && last.length + 1 + word.length <= letters)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}
