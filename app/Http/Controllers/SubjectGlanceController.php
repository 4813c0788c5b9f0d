<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Critique\SubjectGlance;
use App\HandIn\PictureReadings;
use App\Http\Requests\GlanceRequest;
use App\Input\MarksInput;
use App\Input\RegionInput;
use App\Models\Frame;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** What a subject comes to while it is drawn, moved or proposed. */
final class SubjectGlanceController extends Controller
{
    public function __invoke(GlanceRequest $request, Frame $frame, PictureReadings $readings): View|Response
    {
        $asked = $request->validated();
        $region = RegionInput::read($asked);
        $glance = $region === null
            ? null
            : SubjectGlance::of(
                $frame,
                $region,
                $asked['placement'] ?? null,
                $readings,
                MarksInput::read($asked['marks'] ?? []),
            );

        return $glance === null ? response()->noContent() : view('frames.glance', ['glance' => $glance]);
    }
}
