<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PhraseRequest;
use App\Models\Phrase;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** One's own sentences: kept by topic, found, pinned, changed. */
final class PhraseController extends Controller
{
    public function index(Request $request): View
    {
        $asked = trim((string) $request->query('find'));
        $phrases = Phrase::query()
            ->where('user_id', $this->user($request)->id)
            ->when($asked !== '', fn ($found) => $found->whereLike('body', '%'.addcslashes($asked, '%_\\').'%'))
            ->orderByDesc('is_pinned')
            ->orderBy('body')
            ->get();

        return view('phrases.index', [
            'asked' => $asked,
            'groups' => $phrases
                ->groupBy(fn (Phrase $phrase): string => $phrase->topic?->label() ?? 'About anything')
                ->sortKeys(),
        ]);
    }

    public function store(PhraseRequest $request): RedirectResponse
    {
        Phrase::query()->firstOrCreate(
            ['user_id' => $this->user($request)->id, 'body' => $request->phrase()['body']],
            $request->phrase(),
        );

        return redirect()->route('phrases')->with('done', 'Kept.');
    }

    public function update(PhraseRequest $request, Phrase $phrase): RedirectResponse
    {
        $phrase->update($request->phrase());

        return redirect()->route('phrases')->with('done', 'Kept.');
    }

    public function destroy(Phrase $phrase): RedirectResponse
    {
        $phrase->delete();

        return redirect()->route('phrases')->with('done', 'Taken out.');
    }
}
