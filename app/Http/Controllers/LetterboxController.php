<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Letterbox\Letterbox;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** What would have been sent by mail. */
final class LetterboxController extends Controller
{
    public function __invoke(Request $request): View|RedirectResponse
    {
        abort_unless(Letterbox::isInUse(), 404);
        $user = $request->user();
        if (! $user instanceof User && ! Letterbox::isOpenToAll()) {
            return redirect()->guest(route('sign-in'));
        }

        return view('account.letterbox', [
            'letters' => Letterbox::of($user instanceof User ? $user : null),
            'isOpenToAll' => Letterbox::isOpenToAll(),
        ]);
    }
}
