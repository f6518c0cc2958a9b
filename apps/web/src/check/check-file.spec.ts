import { hexOf, trailerOf } from '@near-spoke/core/handover';
import { checkFile } from './check-file';

describe('A signed file', () => {
  const body = new TextEncoder().encode('%PDF-1.7\nK01 to K42\n%%EOF\n');

  async function signer() {
    const pair = await crypto.subtle.generateKey({ name: 'Ed25519' }, true, ['sign', 'verify']);
    const { publicKey, privateKey } = pair;
    const key = hexOf(new Uint8Array(await crypto.subtle.exportKey('raw', publicKey)));
    const signature = new Uint8Array(await crypto.subtle.sign('Ed25519', privateKey, body));
    const trailer = new TextEncoder().encode(trailerOf(key, signature));
    return { key, file: Uint8Array.from([...body, ...trailer]) };
  }

  it('is right as it is, and found out with any one byte changed', async () => {
    const { key, file } = await signer();
    expect(await checkFile(file, key)).toBe('right');
    for (let at = 0; at < file.length; at += 1) {
      const other = file.slice();
      other[at] = (other[at] ?? 0) ^ 1;
      expect(await checkFile(other, key))
        .withContext(`byte ${at}`)
        .not.toBe('right');
    }
  });

  it('is told apart from one that another has signed, from a cut one, and from one that nobody has', async () => {
    const ours = await signer();
    const theirs = await signer();
    expect(await checkFile(theirs.file, ours.key)).toBe('otherKey');
    expect(await checkFile(ours.file.slice(0, -1), ours.key)).toBe('notSigned');
    expect(await checkFile(ours.file.slice(3), ours.key)).toBe('changed');
    expect(await checkFile(body, ours.key)).toBe('notSigned');
  });
});
