<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\HandIn\CannotHandIn;
use App\HandIn\HandIn;
use App\Http\Requests\PrepareFrameRequest;
use App\Models\AttemptState;
use App\Models\Frame;
use App\Models\SetBrief;
use App\View\Models\FrameView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\View\View;
use TruePupil\Core\Capture\UnreadablePicture;

final class FrameController extends Controller
{
    public function store(Request $request, SetBrief $setBrief, HandIn $handIn): JsonResponse|RedirectResponse
    {
        $file = $request->file('picture');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            return $this->refuse($request, $this->whatWentWrong($file));
        }
        try {
            $frame = $handIn->add($setBrief, $request->user(), $file->getRealPath(), $file->getClientOriginalName());
        } catch (UnreadablePicture|CannotHandIn $problem) {
            return $this->refuse($request, $problem->getMessage());
        }
        $next = route('frames.edit', $frame);

        return $request->expectsJson() ? response()->json(['next' => $next], 201) : redirect($next);
    }

    public function edit(Frame $frame): View|RedirectResponse
    {
        if ($frame->attempt->state === AttemptState::Returned) {
            return redirect()->route('attempts.return', $frame->attempt);
        }

        return view('frames.edit', ['view' => FrameView::of($frame), 'frame' => $frame]);
    }

    public function update(PrepareFrameRequest $request, Frame $frame, HandIn $handIn): RedirectResponse
    {
        try {
            $handIn->prepare($frame, $request->prepared());
        } catch (CannotHandIn $problem) {
            return redirect()->route('frames.edit', $frame)->withInput()->with('problem', $problem->getMessage());
        }

        return redirect()->to(route('frames.edit', $frame).'#result');
    }

    /** What has come of the analysis so far; asked for again while it is under way. */
    public function progress(Request $request, Frame $frame): View
    {
        return view('frames.progress', ['view' => FrameView::of($frame), 'frame' => $frame, 'busyBefore' => $request->query('state')]);
    }

    private function whatWentWrong(mixed $file): string
    {
        $code = $file instanceof UploadedFile ? $file->getError() : UPLOAD_ERR_NO_FILE;

        return match ($code) {
            UPLOAD_ERR_INI_SIZE, UPLOAD_ERR_FORM_SIZE => sprintf('The file is larger than the %d MB taken here. Nothing was kept of it; hand in a smaller export.', (int) config('pupil.upload.megabytes')),
            UPLOAD_ERR_PARTIAL => 'The connection broke before the whole file had arrived. Nothing was kept of it; please choose it again.',
            UPLOAD_ERR_NO_FILE => 'No picture was chosen.',
            default => 'The file could not be stored on our side. Nothing was kept of it; please try again, and tell whoever runs this installation if it stays so.',
        };
    }

    private function refuse(Request $request, string $message): JsonResponse|RedirectResponse
    {
        return $request->expectsJson() ? response()->json(['message' => $message], 422) : back()->with('problem', $message);
    }
}
