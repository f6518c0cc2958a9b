import { checkFile, type Checked } from './check-file';

// The page that a client keeps: what it needs is written into it, and it asks nobody.

interface Given {
  readonly key: string;
  readonly words: Readonly<Record<Checked, string>>;
}

const element = (id: string): HTMLElement => {
  const found = document.getElementById(id);
  if (!found) throw new Error(`No ${id} on this page`);
  return found;
};

const given = JSON.parse(element('given').textContent ?? '') as Given;
const result = element('result');

async function check(file: File | undefined): Promise<void> {
  if (!file) return;
  result.className = '';
  result.textContent = '…';
  const found = await checkFile(new Uint8Array(await file.arrayBuffer()), given.key);
  result.className = found;
  result.textContent = `${file.name}: ${given.words[found]}`;
}

const chosen = element('file') as HTMLInputElement;
chosen.addEventListener('change', () => void check(chosen.files?.[0]));
document.addEventListener('dragover', (event) => event.preventDefault());
document.addEventListener('drop', (event) => {
  event.preventDefault();
  void check(event.dataTransfer?.files[0]);
});
