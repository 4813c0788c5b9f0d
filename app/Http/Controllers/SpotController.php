<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Critique\FrameSituation;
use App\HandIn\PictureReadings;
use App\Http\Requests\SpotRequest;
use App\Models\Frame;
use App\View\Presenters\SpotWords;
use Illuminate\View\View;
use TruePupil\Core\Metering\SpotReading;

/** The tone of a spot that somebody points at. */
final class SpotController extends Controller
{
    public function __invoke(SpotRequest $request, Frame $frame, PictureReadings $readings): View
    {
        $place = $request->validated();
        $light = $readings->of($frame->picture)->luminance();
        $read = fn (float $x, float $y): SpotReading => SpotReading::at($light, $x / 100, $y / 100);
        $spot = $read((float) $place['x'], (float) $place['y']);
        $before = isset($place['fromX'], $place['fromY'])
            ? $read((float) $place['fromX'], (float) $place['fromY'])
            : null;

        return view('frames.spot', [
            'spot' => $spot,
            'x' => $place['x'],
            'y' => $place['y'],
            'between' => $before === null
                ? null
                : SpotWords::between($before, $spot, app(FrameSituation::class)->asMeasured($frame)),
        ]);
    }
}
