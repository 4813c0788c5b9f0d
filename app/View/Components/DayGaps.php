<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Models\Attempt;
use App\View\Presenters\DayView;
use Illuminate\View\Component;
use Illuminate\View\View;

/** What of the student's day's sheet was ticked, and what was not. */
final class DayGaps extends Component
{
    public readonly ?DayView $day;

    /** @param  bool  $own  whether the student reads it, or somebody at the desk */
    public function __construct(Attempt $attempt, public readonly bool $own = true)
    {
        $this->day = DayView::find($attempt->setBrief, $attempt->user);
    }

    public function render(): View
    {
        return view('components.day-gaps');
    }
}
