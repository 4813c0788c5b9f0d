<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\KitRequest;
use App\Http\Requests\StarterKitRequest;
use App\Kits\KitInUse;
use App\Kits\OwnBodies;
use App\Kits\StarterKit;
use App\Models\Frame;
use App\Models\User;
use App\View\Presenters\KitForm;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use TruePupil\Core\Kit\KitNumbers;
use TruePupil\Core\Optics\SensorFormat;

/** A person's own kit, which every critique and every suggestion then counts with. */
final class KitController extends Controller
{
    public function edit(Request $request): View
    {
        $kit = KitInUse::of($this->user($request));

        return view('kit.edit', [
            'form' => KitForm::of($kit, (bool) ($this->user($request)->kit['polariser'] ?? false)),
            'formats' => SensorFormat::NAMED,
            'isNew' => $this->user($request)->kit === null,
            'starters' => StarterKit::cases(),
            'numbers' => $kit === null ? null : new KitNumbers($kit),
            'frames' => $this->recorded($this->user($request)),
            'bodies' => OwnBodies::all($this->user($request)->kit ?? []),
        ]);
    }

    /**
     * The person's latest frames whose record names a lens, one for each lens.
     *
     * @return list<array{id: int, words: string}>
     */
    private function recorded(User $user): array
    {
        $frames = [];
        foreach (
            Frame::query()
                ->whereHas('attempt', fn ($query) => $query->where('user_id', $user->id))
                ->orderByDesc('id')
                ->limit(30)
                ->get() as $frame
        ) {
            $record = $frame->record();
            if ($record?->lens->focalLength !== null && $record->exposure->fNumber !== null) {
                $frames[$record->lens->name ?? $record->lens->focalLength.' mm'] ??= [
                    'id' => $frame->id,
                    'words' => trim(
                        ($record->camera->model ?? '').
                            ', '.
                            ($record->lens->name ?? $record->lens->focalLength.' mm'),
                        ', ',
                    ),
                ];
            }
        }

        return array_values($frames);
    }

    public function update(KitRequest $request): RedirectResponse
    {
        // Under another name it is another body; the others stay.
        $kit = $request->kit();
        $this->user($request)->update([
            'kit' => OwnBodies::with(
                [...$kit, 'bodies' => OwnBodies::all($this->user($request)->kit ?? [])],
                $kit['body'],
            ),
        ]);

        return redirect()
            ->route('kit.edit')
            ->with('done', 'Your kit is kept. The next frame that is checked counts with it.');
    }

    /** What most begin with, by one tap; who has a kit keeps it. */
    public function start(StarterKitRequest $request): RedirectResponse
    {
        $user = $this->user($request);
        if ($user->kit === null) {
            $user->update(['kit' => $request->starter()->data()]);
        }

        return redirect()
            ->route('kit.edit')
            ->with(
                'done',
                'That is your kit now, as most of its kind are. Put right below what is different with yours.',
            );
    }
}
