<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\FilmRollRequest;
use App\Kits\KitInUse;
use App\Models\FilmRoll;
use App\View\Presenters\FilmLogView;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** A person's rolls of film: what is in them, the card for the pocket, and the order for the laboratory. */
final class FilmRollController extends Controller
{
    public function index(Request $request): View
    {
        $rolls = FilmRoll::query()
            ->where('user_id', $this->user($request)->id)
            ->with('fieldNotes')
            ->orderByDesc('id')
            ->get();

        return view('film.index', ['rolls' => $rolls]);
    }

    /** A new roll is the film of the kit, where there is one. */
    public function create(Request $request): View
    {
        $film = KitInUse::of($this->user($request))?->film;

        return view('film.edit', ['stored' => null, 'content' => $film === null ? [] : array_filter([
            'film' => $film->name,
            'boxSpeed' => $film->boxSpeed->nominal(),
            'kind' => $film->kind->value,
            'index' => $film->exposureIndex?->nominal(),
            'pushed' => (int) $film->pushed,
            'reciprocity' => $film->reciprocity,
        ])]);
    }

    public function store(FilmRollRequest $request): RedirectResponse
    {
        $roll = FilmRoll::query()->create([
            'user_id' => $this->user($request)->id,
            'content' => $request->content(),
        ]);

        return redirect()->route('film.show', $roll)->with('done', 'The roll is begun. Write down every frame.');
    }

    public function show(Request $request, FilmRoll $filmRoll): View
    {
        return view('film.show', ['view' => FilmLogView::of($filmRoll, $this->user($request))]);
    }

    public function edit(FilmRoll $filmRoll): View
    {
        return view('film.edit', ['stored' => $filmRoll, 'content' => $filmRoll->content]);
    }

    public function update(FilmRollRequest $request, FilmRoll $filmRoll): RedirectResponse
    {
        $filmRoll->update(['content' => $request->content()]);

        return redirect()->route('film.show', $filmRoll)->with('done', 'The roll is changed.');
    }

    public function destroy(FilmRoll $filmRoll): RedirectResponse
    {
        $name = $filmRoll->roll()->name;
        $filmRoll->delete();

        return redirect()->route('film')->with('done', sprintf('"%s" and its log are gone.', $name));
    }

    public function card(Request $request, FilmRoll $filmRoll): View
    {
        return view('film.card', ['view' => FilmLogView::of($filmRoll, $this->user($request))]);
    }

    public function order(Request $request, FilmRoll $filmRoll): View
    {
        return view('film.order', ['view' => FilmLogView::of($filmRoll, $this->user($request))]);
    }
}
