<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Merging\RowTogether;
use App\Models\Frame;
use Illuminate\Http\Response;
use Illuminate\View\View;
use TruePupil\Core\Capture\UnreadablePicture;
use TruePupil\Core\Series\MergeLook;

/** The frames of a row brought together: worked out when somebody looks, and kept nowhere. */
final class TogetherController extends Controller
{
    public function show(Frame $frame, RowTogether $together): View
    {
        $kind = RowTogether::kind($frame);
        abort_if($kind === null, 404);
        try {
            $words = $together->words($frame);
        } catch (UnreadablePicture $problem) {
            $words = [$problem->getMessage()];
        }

        return view('attempts.together', ['frame' => $frame, 'kind' => $kind, 'words' => $words]);
    }

    /** @param  string  $look  a look, or "parts": which frame gives which */
    public function picture(Frame $frame, string $look, RowTogether $together): Response
    {
        $jpeg = $look === 'parts' ? $together->parts($frame) : $together->jpeg($frame, MergeLook::from($look));
        abort_if($jpeg === null, 404);

        return response($jpeg, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=600']);
    }
}
