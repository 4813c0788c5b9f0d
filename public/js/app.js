// What the server cannot do: drawing marks, sending with progress, keeping drafts, keys. No rule of the job is here.
import { watchUploads } from './upload.js';
import { watchSight } from './sight.js';
import { watchMarks } from './mark.js';
import { watchMarkLists } from './marks.js';
import { keepDrafts } from './drafts.js';
import { watchSteps } from './steps.js';
import { watchScales } from './checkscale.js';
import { watchDesk } from './desk.js';
import { watchContactSheet } from './contactsheet.js';
import { onceOnly } from './once.js';
import { tellProblems } from './problems.js';
import { tellAtFields } from './fields.js';
import { watchKeeping } from './keep.js';
import { watchFieldNotes } from './fieldnotes.js';
import { watchLines } from './lines.js';
import { watchLarge } from './large.js';
import { watchMaps } from './map.js';
import { watchPatches } from './patches.js';
import { watchPlan } from './plan.js';
import { watchPointing } from './point.js';
import { watchViews } from './views.js';
import { watchFinder } from './finder.js';
import { watchDrawing } from './draw.js';
import { watchVoices } from './voice.js';
import { watchWhatIfs } from './whatif.js';
import { watchWipes } from './wipe.js';
import { watchWords } from './words.js';
import { watchZooms } from './zoom.js';

tellProblems();
tellAtFields();
const start = (root) => {
    watchUploads(root);
    watchMarks(root);
    watchSteps(root);
    watchMarkLists(root);
    watchSight(root);
    keepDrafts(root);
    onceOnly(root);
    watchMaps(root);
    watchScales(root);
    watchViews(root);
    watchWhatIfs(root);
    watchWipes(root);
    watchZooms(root);
};
start(document);
watchDesk();
watchContactSheet();
watchFinder();
watchDrawing();
watchWords();
watchPatches();
watchPointing();
watchVoices();
watchPlan();
watchKeeping();
watchFieldNotes();
watchLines();
watchLarge();
document.addEventListener('click', (event) => {
    if (event.target.closest('[data-print]')) {
        print();
    }
    // A link to something folded opens it.
    const fold = event.target.closest('a[href^="#"]')?.hash;
    if (fold?.length > 1) {
        document.getElementById(fold.slice(1))?.closest('details')?.setAttribute('open', '');
    }
});
// A menu that is open goes when somebody clicks elsewhere or presses Escape.
const closeMenus = (but) =>
    document.querySelectorAll('[data-menu][open]').forEach((menu) => {
        if (!menu.contains(but)) {
            menu.open = false;
        }
    });
document.addEventListener('click', (event) => closeMenus(event.target));
document.addEventListener('keydown', (event) => event.key === 'Escape' && closeMenus(null));
// What is folded on the screen is on the paper all the same.
addEventListener('beforeprint', () =>
    document.querySelectorAll('details[data-open-in-print]').forEach((fold) => {
        fold.open = true;
    }),
);
document.body.addEventListener('htmx:load', (event) => start(event.detail.elt));
