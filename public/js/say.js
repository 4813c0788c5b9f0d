/** Says something to the person where every page says things. */
export function say(text, problem = false) {
    const place = document.getElementById('message');
    const word = document.createElement('p');
    word.className = problem ? 'word word-problem' : 'word word-done';
    word.textContent = text;
    place.replaceChildren(word);
    place.scrollIntoView({ block: 'nearest' });
}
