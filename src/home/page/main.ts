import './page.css';
import type { HomeFile } from '@/core/home/home-file';
import { paintedBy } from './dom';
import { unlocked } from './unlock';
import { cover } from './cover';
import { giveBack } from './give-back';
import { Memory } from './kept';
import { pageSay, type Page } from './page';
import { Play } from './play';
import { tests } from './tests';

const say = pageSay();

/** Opens what is in the file; where it is locked, once its passphrase is given. */
function open(home: HomeFile): void {
  const memory = new Memory(home.id);
  paintedBy(memory.now.night);
  const page: Page = {
    say,
    home,
    memory,
    go: {
      cover: () => cover(page),
      play: (id) => {
        const practice = home.practices.find((p) => p.id === id);
        if (practice) new Play(page, practice);
      },
      tests: () => tests(page),
      giveBack: () => giveBack(page),
    },
  };
  cover(page);
}

const text = document.getElementById('home')?.textContent ?? '';
const data = JSON.parse(text) as HomeFile | { format: 'kolpos/sealed' };
if (data.format === 'kolpos/home') open(data);
else unlocked(text, say, (inside) => open(JSON.parse(inside) as HomeFile));
