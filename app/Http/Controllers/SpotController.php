<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\HandIn\WorkingCopies;
use App\Imaging\PixelEngine;
use App\Models\Frame;
use Illuminate\Http\Request;
use Illuminate\View\View;
use TruePupil\Core\Metering\SpotReading;

/** The tone of a spot that somebody points at. */
final class SpotController extends Controller
{
    public function __invoke(Request $request, Frame $frame, WorkingCopies $copies, PixelEngine $pixels): View
    {
        $place = $request->validate([
            'x' => ['required', 'numeric', 'min:0', 'max:100'],
            'y' => ['required', 'numeric', 'min:0', 'max:100'],
        ]);
        $copy = $copies->path($frame->picture);

        return view('frames.spot', [
            'spot' => SpotReading::at($pixels->read($copy)->luminance, $place['x'] / 100, $place['y'] / 100),
            ...$place,
        ]);
    }
}
