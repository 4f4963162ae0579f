/**
 * Writes `THIRD-PARTY-NOTICES.md`: the packages that ship with the application or build it, by licence, from the lock
 * file.
 */
import lock from '../../../package-lock.json';
import type { Maker } from '../node';

interface Locked {
  version?: string;
  license?: string;
  dev?: boolean;
  devOptional?: boolean;
}

/** What somebody who passes the application on must know of a licence; the others only ask that their notice stays. */
const SAID: Readonly<Record<string, string>> = {
  'MPL-2.0': 'Used unchanged. Whoever changes its files must pass those changes on under the same licence.',
  'OFL-1.1': 'The typefaces. They may be passed on with the application, not sold by themselves.',
  'LGPL-3.0-or-later':
    'Native parts that build pictures on the server of the framework; not part of what a browser gets.',
  'CC-BY-4.0': 'Data about browsers, used while building.',
  'not stated': 'Its own repository says MIT.',
};

/** Parts that only differ by the machine they are for stand once. */
const machine = /[-/](darwin|linux|linuxmusl|win32|freebsd|wasm32|android)([-\w]*)$/;

export const maker: Maker = {
  files: async () => {
    const byLicence = new Map<string, Map<string, string>>();
    for (const [path, { version, license, dev, devOptional }] of Object.entries(
      lock.packages as Record<string, Locked>,
    )) {
      const name = path.split('node_modules/').at(-1) ?? '';
      if (name === '' || dev || devOptional) continue;
      const licence = license ?? 'not stated';
      const own = byLicence.get(licence) ?? new Map<string, string>();
      own.set(name.replace(machine, ''), version ?? '');
      byLicence.set(licence, own);
    }
    const parts = [...byLicence]
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([licence, own]) => {
        const list = [...own].sort(([a], [b]) => (a < b ? -1 : 1)).map(([name, version]) => `${name} ${version}`);
        return `## ${licence}\n\n${SAID[licence] ? `${SAID[licence]}\n\n` : ''}${list.join(' · ')}\n`;
      });
    const head = `# Third-party notices\n\nKolpos is under the licence in [LICENSE](LICENSE). It stands on these packages, each under its own licence; their texts are in their folders in \`node_modules\` after \`npm ci\`. Written by \`npm run derived notices\` from the lock file.\n`;
    return { 'THIRD-PARTY-NOTICES.md': [head, ...parts].join('\n') };
  },
};
