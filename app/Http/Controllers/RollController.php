<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\HandIn\AddPicture;
use App\HandIn\HandInRefused;
use App\Imaging\FrameMeasurer;
use App\Models\RollFrame;
use App\Models\RollState;
use App\Models\SetBrief;
use App\Practice\RollPictures;
use App\View\Drawings\FrameOverlays;
use App\View\Drawings\ToneStrip;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use TruePupil\Core\Capture\UnreadablePicture;
use TruePupil\Core\Composition\Marks;

/** Frames on a person's own roll: looked at, compared, downloaded, handed in, removed. */
final class RollController extends Controller
{
    /** A page of its own; where the finder asks for it, the list alone. */
    public function index(Request $request): View
    {
        return $this->roll($request, null);
    }

    /** A frame as a camera shows it after the press: with its tones, and what is lost of them. */
    public function playback(RollFrame $rollFrame, FrameMeasurer $measurer, RollPictures $pictures): View
    {
        abort_unless($pictures->isThere($rollFrame), 404);
        // A raw file tells its own tones beside those of its preview.
        $path = $pictures->path($rollFrame, $rollFrame->quality()->hasRaw());
        $measures = $measurer->measure($path, new Marks(null, []));

        return view('practice.playback', [
            'frame' => $rollFrame,
            'tones' => ToneStrip::of($measures, null),
            'overlays' => FrameOverlays::of($measures, new Marks(null, [])),
        ]);
    }

    public function picture(RollFrame $rollFrame, RollPictures $pictures): BinaryFileResponse
    {
        abort_unless($pictures->isThere($rollFrame), 404);

        return response()->file($pictures->path($rollFrame), [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=86400',
            'X-Content-Type-Options' => 'nosniff',
        ]);
    }

    public function download(Request $request, RollFrame $rollFrame, RollPictures $pictures): BinaryFileResponse
    {
        $isRaw = $request->query('file') === 'raw';
        abort_unless($pictures->isThere($rollFrame) && (! $isRaw || $rollFrame->quality()->hasRaw()), 404);

        return response()->download(
            $pictures->path($rollFrame, $isRaw),
            $rollFrame->nameOf($isRaw),
            ['Content-Type' => $isRaw ? 'image/x-adobe-dng' : 'image/jpeg'],
        );
    }

    public function compare(Request $request): View|RedirectResponse
    {
        $ready = RollFrame::query()
            ->where('user_id', $this->user($request)->id)
            ->where('state', RollState::Ready)
            ->orderBy('id')
            ->get();
        // In the order in which they are named: the first stays, the other is laid beside it.
        $asked = array_map(intval(...), (array) $request->query('frame', []));
        $chosen = $ready->only($asked)->sortBy(
            fn (RollFrame $frame): int => (int) array_search($frame->id, $asked, true),
        )->values();
        if ($chosen->count() !== 2) {
            return redirect()
                ->route('practice')
                ->with('problem', 'Choose two frames that are ready to lay them side by side.');
        }

        return view('practice.compare', ['before' => $chosen[0], 'after' => $chosen[1], 'roll' => $ready]);
    }

    public function handIn(
        Request $request,
        RollFrame $rollFrame,
        AddPicture $addPicture,
        RollPictures $pictures,
    ): RedirectResponse {
        $setBrief = SetBrief::query()->findOrFail((int) $request->input('brief'));
        Gate::authorize('handIn', $setBrief);
        abort_unless($rollFrame->state === RollState::Ready, 404);
        try {
            $frame = $addPicture->handle(
                $setBrief,
                $this->user($request),
                // Of a raw file and its JPEG, one frame, the raw file is what was taken.
                $pictures->path($rollFrame, $rollFrame->quality()->hasRaw()),
                $rollFrame->fileName(),
                $request->string('row')->toString() ?: null,
            )->frame;
        } catch (UnreadablePicture|HandInRefused $problem) {
            return back()->with('problem', $problem->getMessage().' The frame is still on your roll.');
        }

        return redirect()
            ->to(
                $setBrief->content()->most() > 1
                    ? route('attempts.show', $frame->attempt_id)
                    : route('frames.edit', $frame),
            )
            ->with('done', 'The frame is in your attempt, and stays on your roll as well.');
    }

    /** Off the roll, and brought back until the day is over. */
    public function destroy(Request $request, RollFrame $rollFrame): RedirectResponse|View
    {
        $rollFrame->delete();
        $message = sprintf('%s is off the roll.', $rollFrame->fileName());

        return $request->header('HX-Request') === null
            ? redirect()->route('roll')->with(['done' => $message, 'removed' => $rollFrame->id])
            : $this->roll($request, $message, $rollFrame->id);
    }

    public function restore(Request $request, RollFrame $rollFrame): RedirectResponse|View
    {
        $rollFrame->restore();
        $message = sprintf('%s is on the roll again.', $rollFrame->fileName());

        return $request->header('HX-Request') === null
            ? redirect()->route('roll')->with('done', $message)
            : $this->roll($request, $message);
    }

    private function roll(Request $request, ?string $message, ?int $removed = null): View
    {
        return view($request->header('HX-Request') === null ? 'practice.roll-page' : 'practice.roll', [
            'roll' => RollFrame::query()->where('user_id', $this->user($request)->id)->orderByDesc('id')->get(),
            'briefs' => SetBrief::open($this->user($request)),
            'message' => $message,
            'removed' => $removed ?? $request->session()->get('removed'),
        ]);
    }
}
