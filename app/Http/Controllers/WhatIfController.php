<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Critique\KeepWhatIf;
use App\HandIn\PictureReadings;
use App\HandIn\WorkingCopies;
use App\Http\Requests\KeepWhatIfRequest;
use App\Models\Frame;
use App\Models\WhatIf;
use App\View\Presenters\FrameView;
use App\WhatIf\RawHighlights;
use App\WhatIf\WhatIfInput;
use App\WhatIf\WhatIfRenderer;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use TruePupil\Core\WhatIf\InvalidRecipe;
use TruePupil\Core\WhatIf\Recipe;

/** How a frame would look otherwise: tried at the desk, kept as a recipe, shown to the student beside the frame. */
final class WhatIfController extends Controller
{
    /** The picture that the numbers of the form make. */
    public function preview(
        Request $request,
        Frame $frame,
        WorkingCopies $copies,
        WhatIfRenderer $renderer,
        PictureReadings $readings,
    ): BinaryFileResponse|Response {
        try {
            return $this->picture(
                $frame,
                WhatIfInput::recipe($request->query()),
                $copies,
                $renderer,
                $readings,
                'private, no-store',
            );
        } catch (InvalidRecipe $problem) {
            return response($problem->getMessage(), 422, ['Content-Type' => 'text/plain; charset=utf-8']);
        }
    }

    /** What can be moved and drawn, asked for when it is unfolded. */
    public function form(Frame $frame): View
    {
        return view('desk.what-if-form', ['frame' => $frame, 'view' => FrameView::of($frame)]);
    }

    public function store(KeepWhatIfRequest $request, Frame $frame, KeepWhatIf $keep): View|RedirectResponse|Response
    {
        $title = $request->validated()['title'] ?? null;
        try {
            $recipe = WhatIfInput::recipe($request->except(['_token', 'title']));
        } catch (InvalidRecipe $problem) {
            return response($problem->getMessage(), 422);
        }
        if ($recipe->steps === []) {
            return response('Change something first; there is nothing to keep yet.', 422);
        }
        $keep->handle($frame, $this->user($request), $recipe, $title);

        return $this->answer($request, $frame);
    }

    public function show(
        WhatIf $whatIf,
        WorkingCopies $copies,
        WhatIfRenderer $renderer,
        PictureReadings $readings,
    ): BinaryFileResponse {
        return $this->picture(
            $whatIf->frame,
            $whatIf->content(),
            $copies,
            $renderer,
            $readings,
            'private, max-age=86400, immutable',
        );
    }

    public function destroy(Request $request, WhatIf $whatIf, KeepWhatIf $keep): View|RedirectResponse
    {
        $frame = $whatIf->frame;
        $keep->remove($whatIf);

        return $this->answer($request, $frame);
    }

    private function picture(
        Frame $frame,
        Recipe $recipe,
        WorkingCopies $copies,
        WhatIfRenderer $renderer,
        PictureReadings $readings,
        string $cache,
    ): BinaryFileResponse {
        // What is white in the preview of a raw file may still be there in it.
        $isFromRaw = $recipe->darkens() && $frame->pictureRecord()?->isRaw() === true;
        $path = $copies->made(
            $frame->picture,
            ($isFromRaw ? 'what-if of the raw file ' : 'what-if ')
                .json_encode($recipe->toArray(), JSON_THROW_ON_ERROR),
            fn (): string => $renderer->jpeg(
                $copies->path($frame->picture),
                $recipe,
                $isFromRaw ? RawHighlights::of($readings->of($frame->picture)) : null,
            ),
        );

        return response()->file($path, ['Content-Type' => 'image/jpeg', 'Cache-Control' => $cache]);
    }

    private function answer(Request $request, Frame $frame): View|RedirectResponse
    {
        return $request->header('HX-Request') !== null
            ? view('desk.what-ifs', ['frame' => $frame->load('whatIfs.author')])
            : back();
    }
}
