<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Practice\BriefExamples as Examples;
use Illuminate\View\Component;
use Illuminate\View\View;
use TruePupil\Core\Brief\Brief;

/** Frames that meet a ready brief beside some that do not, with what differs. */
final class BriefExamples extends Component
{
    public readonly ?Examples $examples;

    public function __construct(Brief $brief)
    {
        $this->examples = Examples::of($brief);
    }

    public function shouldRender(): bool
    {
        return $this->examples !== null;
    }

    public function render(): View
    {
        return view('components.brief-examples');
    }
}
