<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use App\Retention\WhereItLies;
use Illuminate\Http\Request;
use Illuminate\View\View;

/** What is kept of people, where, for how long, and who sees it. */
final class KeptController extends Controller
{
    public function __invoke(Request $request): View
    {
        $user = $request->user();

        return view('account.kept', [
            'courses' => $user instanceof User ? $user->courses()->get() : collect(),
            'where' => WhereItLies::sentences(),
        ]);
    }
}
