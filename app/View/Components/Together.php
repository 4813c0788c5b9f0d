<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Merging\RowTogether;
use App\Models\Frame;
use Illuminate\View\Component;
use Illuminate\View\View;

/** A fold that brings the frames of a row together when it is opened. */
final class Together extends Component
{
    public readonly ?Frame $last;

    /** @param  list<Frame>  $frames  of a row */
    public function __construct(array $frames)
    {
        $last = $frames[count($frames) - 1] ?? null;
        $this->last = $last !== null && RowTogether::kind($last) !== null ? $last : null;
    }

    public function shouldRender(): bool
    {
        return $this->last !== null;
    }

    public function render(): View
    {
        return view('components.together');
    }
}
