<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Critique\SubjectGlance;
use App\HandIn\PictureReadings;
use App\Input\RegionInput;
use App\Models\Frame;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** What a subject comes to while it is drawn, moved or proposed. */
final class SubjectGlanceController extends Controller
{
    public function __invoke(Request $request, Frame $frame, PictureReadings $readings): View|Response
    {
        $percent = ['required', 'numeric', 'min:0', 'max:100'];
        $asked = $request->validate([
            'x' => [...$percent, 'lt:100'],
            'y' => [...$percent, 'lt:100'],
            'width' => [...$percent, 'gt:0'],
            'height' => [...$percent, 'gt:0'],
            'placement' => ['nullable', 'string', 'max:60'],
        ]);
        $region = RegionInput::read($asked);
        $glance = $region === null
            ? null
            : SubjectGlance::of($frame, $region, $asked['placement'] ?? null, $readings);

        return $glance === null ? response()->noContent() : view('frames.glance', ['glance' => $glance]);
    }
}
