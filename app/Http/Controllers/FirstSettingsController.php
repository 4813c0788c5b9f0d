<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Kits\KitInUse;
use App\Models\Frame;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use TruePupil\Core\Capture\FirstSetting;
use TruePupil\Core\Kit\BodyKind;

/** The list that a camera is set up by: ticked by hand, and checked from the latest frame's record where that tells. */
final class FirstSettingsController extends Controller
{
    public function show(Request $request): View
    {
        $frame = $this->latest($this->user($request));
        $picture = $frame?->pictureRecord();
        $record = $frame?->record();
        $settings = $this->settings($this->user($request));
        $told = [];
        foreach ($settings as $setting) {
            $told[$setting->value] =
                $picture === null || $record === null ? null : $setting->read($picture, $record, $frame->tags ?? []);
        }

        return view('kit.first-settings', [
            'settings' => $settings,
            'told' => $told,
            'frame' => $frame,
            'ticked' => $this->user($request)->first_settings ?? [],
        ]);
    }

    public function update(Request $request): RedirectResponse
    {
        $known = array_column($this->settings($this->user($request)), 'value');
        $ticked = array_values(array_intersect($known, (array) $request->input('ticked', [])));
        $this->user($request)->update(['first_settings' => $ticked]);

        return redirect()
            ->route('first-settings')
            ->with(
                'done',
                count($ticked) === count($known)
                    ? 'All of them are done. On to the first picture.'
                    : sprintf('%d of %d are done; the rest stays here.', count($ticked), count($known)),
            );
    }

    /** @return list<FirstSetting> of the camera in use */
    private function settings(User $user): array
    {
        return FirstSetting::of(KitInUse::of($user)->body->kind ?? BodyKind::Camera);
    }

    private function latest(User $user): ?Frame
    {
        return Frame::query()
            ->whereNotNull('tags')
            ->whereHas('attempt', fn ($query) => $query->where('user_id', $user->id))
            ->orderByDesc('id')
            ->first();
    }
}
