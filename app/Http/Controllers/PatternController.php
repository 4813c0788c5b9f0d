<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\SetBrief;
use App\Patterns\ClassPatterns;
use App\View\Drawings\SettingsPicture;
use Illuminate\View\View;

/** The class over one brief, ready for a projector. */
final class PatternController extends Controller
{
    public function __invoke(SetBrief $setBrief): View
    {
        $patterns = ClassPatterns::of($setBrief->load('course'));

        return view('patterns.show', [
            'setBrief' => $setBrief,
            'brief' => $setBrief->content(),
            'patterns' => $patterns,
            'picture' => SettingsPicture::of($patterns->settings()),
        ]);
    }
}
