<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Models\Course;
use App\Models\Revisit;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\Request;
use Illuminate\View\Component;
use Illuminate\View\View;

/** The pictures that whoever looks wants to go back for. */
final class GoingBack extends Component
{
    /** @var Collection<int, Revisit> */
    public readonly Collection $revisits;

    public function __construct(Request $request, Course $course)
    {
        $this->revisits = Revisit::query()
            ->where('user_id', $request->user()?->id)
            ->whereHas('frame.attempt.setBrief', fn ($query) => $query->where('course_id', $course->id))
            ->with(['frame.attempt.setBrief', 'again'])
            ->orderByDesc('id')
            ->get();
    }

    public function shouldRender(): bool
    {
        return $this->revisits->isNotEmpty();
    }

    public function render(): View
    {
        return view('components.going-back');
    }
}
