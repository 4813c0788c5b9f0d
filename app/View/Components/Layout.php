<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Courses\Roles;
use App\Models\Course;
use App\View\Presenters\Masthead;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\View\Component;
use Illuminate\View\View;

/** A whole page: its title, its course where it has one, and what stands at its top. */
final class Layout extends Component
{
    public readonly ?Masthead $masthead;

    /** Whether somebody asked to stay signed in here: then it is a device of their own. */
    public readonly bool $isOwnDevice;

    /**
     * @param  bool  $wide  whether it takes the width of the screen
     * @param  bool  $keeps  whether it stays readable without a network on a device of one's own
     */
    public function __construct(
        Request $request,
        Roles $roles,
        public readonly string $title,
        public readonly ?Course $course = null,
        public readonly bool $wide = false,
        public readonly bool $keeps = false,
    ) {
        $user = $request->user();
        $this->isOwnDevice = $request->cookies->has(Auth::guard()->getRecallerName());
        $this->masthead = $user === null ? null : Masthead::of($user, $course, $roles, $request->url());
    }

    public function render(): View
    {
        return view('components.layout');
    }
}
