<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Moments;
use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Dates are written for whoever reads the page. */
final class ReadByPerson
{
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        Moments::readBy($user instanceof User ? $user : null);

        return $next($request);
    }
}
