<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\HandIn\AddedPicture;
use App\HandIn\AddPicture;
use App\HandIn\HandInRefused;
use App\HandIn\PrepareFrame;
use App\HandIn\RemoveFrame;
use App\Http\Requests\PrepareFrameRequest;
use App\Models\AttemptState;
use App\Models\Frame;
use App\Models\SetBrief;
use App\View\Presenters\FrameView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Arr;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\File\Exception\UploadException;
use TruePupil\Core\Capture\UnreadablePicture;

final class FrameController extends Controller
{
    private const NO_ROOM = 'The disk on our side takes no more pictures just now, and nothing was kept of this one. '.
        'What was stored before is safe; keep your file, and tell whoever runs this installation.';

    /** Whole files from a plain form, one or several. With scripts they come in pieces instead. */
    public function store(Request $request, SetBrief $setBrief, AddPicture $addPicture): JsonResponse|RedirectResponse
    {
        $files = array_values(Arr::wrap($request->file('pictures')));
        if ($files === []) {
            return $this->refuse($request, [$this->whatWentWrong(null)]);
        }
        $row = is_string($request->input('row')) && $request->input('row') !== '' ? $request->input('row') : null;
        [$added, $problems] = [[], []];
        foreach ($files as $file) {
            $name = count($files) > 1 ? '"'.$file->getClientOriginalName().'": ' : '';
            if (! $file->isValid()) {
                $problems[] = $name.$this->whatWentWrong($file);

                continue;
            }
            try {
                $added[] = $addPicture->handle(
                    $setBrief,
                    $this->user($request),
                    $file->getRealPath(),
                    $file->getClientOriginalName(),
                    $row,
                );
            } catch (UploadException) {
                $problems[] = $name.self::NO_ROOM;
            } catch (UnreadablePicture|HandInRefused $problem) {
                $problems[] = $name.$problem->getMessage();
            }
        }
        if ($added === []) {
            return $this->refuse($request, $problems);
        }
        $frame = $added[0]->frame;
        $next =
            $setBrief->content()->most() > 1
                ? route('attempts.show', $frame->attempt_id)
                : route('frames.edit', $frame);
        $said = array_filter([...$problems, ...array_map(fn (AddedPicture $one): ?string => $one->notice(), $added)]);

        return $request->expectsJson()
            ? response()->json(['next' => $next, 'said' => array_values($said)], 201)
            : redirect($next)->with($said === [] ? [] : ['problem' => implode(' ', $said)]);
    }

    public function edit(Frame $frame): View|RedirectResponse
    {
        if ($frame->attempt->state === AttemptState::Returned) {
            return redirect()->route('attempts.return', $frame->attempt);
        }

        return view('frames.edit', ['view' => FrameView::of($frame), 'frame' => $frame]);
    }

    public function update(PrepareFrameRequest $request, Frame $frame, PrepareFrame $prepare): RedirectResponse
    {
        $isForRow = $request->boolean('for_row');
        try {
            $isForRow ? $prepare->ofRow($frame, $request->prepared()) : $prepare->handle($frame, $request->prepared());
        } catch (HandInRefused $problem) {
            return redirect()->route('frames.edit', $frame)->withInput()->with('problem', $problem->getMessage());
        }

        return $isForRow
            ? redirect()
                ->route('attempts.show', $frame->attempt_id)
                ->with('done', 'The marks and words are with every frame of the row; all of them are being checked.')
            : redirect()->to(route('frames.edit', $frame).'#result');
    }

    public function destroy(Frame $frame, RemoveFrame $remove): RedirectResponse
    {
        try {
            $remove->handle($frame);
        } catch (HandInRefused $problem) {
            return back()->with('problem', $problem->getMessage());
        }

        return redirect()
            ->route('attempts.show', $frame->attempt_id)
            ->with('done', sprintf('"%s" is out of the attempt.', $frame->original_name));
    }

    /** What has come of the analysis so far; asked for again while it is under way. */
    public function progress(Request $request, Frame $frame): View|Response
    {
        return $request->query('seen') === $frame->state->value
            ? response()->noContent()
            : view('frames.progress', ['view' => FrameView::of($frame), 'frame' => $frame]);
    }

    private function whatWentWrong(mixed $file): string
    {
        $code = $file instanceof UploadedFile ? $file->getError() : UPLOAD_ERR_NO_FILE;

        return match ($code) {
            UPLOAD_ERR_INI_SIZE, UPLOAD_ERR_FORM_SIZE => sprintf(
                'The file is larger than the %d MB taken here. Nothing was kept of it; hand in a smaller export.',
                (int) config('pupil.upload.megabytes'),
            ),
            UPLOAD_ERR_PARTIAL => 'The connection broke before the whole file had arrived. Nothing was kept of it; '.
                'please choose it again.',
            UPLOAD_ERR_NO_FILE => 'No picture was chosen.',
            default => 'The file could not be stored on our side. Nothing was kept of it; please try again, and tell '.
                'whoever runs this installation if it stays so.',
        };
    }

    /** @param  list<string>  $messages */
    private function refuse(Request $request, array $messages): JsonResponse|RedirectResponse
    {
        return $request->expectsJson()
            ? response()->json(['message' => implode(' ', $messages)], 422)
            : back()->with('problem', implode(' ', $messages));
    }
}
