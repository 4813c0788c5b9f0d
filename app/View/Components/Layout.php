<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Courses\Roles;
use App\Models\Course;
use App\View\Presenters\Masthead;
use Illuminate\Http\Request;
use Illuminate\View\Component;
use Illuminate\View\View;

/** A whole page: its title, its course where it has one, and what stands at its top. */
final class Layout extends Component
{
    public readonly ?Masthead $masthead;

    /** @param  bool  $wide  whether it takes the width of the screen */
    public function __construct(
        Request $request,
        Roles $roles,
        public readonly string $title,
        public readonly ?Course $course = null,
        public readonly bool $wide = false,
    ) {
        $user = $request->user();
        $this->masthead = $user === null ? null : Masthead::of($user, $course, $roles, $request->url());
    }

    public function render(): View
    {
        return view('components.layout');
    }
}
