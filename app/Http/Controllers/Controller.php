<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\Request;

abstract class Controller
{
    /** Whoever has signed in. */
    protected function user(Request $request): User
    {
        return $request->user() ?? throw new AuthenticationException();
    }
}
