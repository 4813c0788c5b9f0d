<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Session\Middleware\StartSession as FrameworkStartSession;

/**
 * What a page fetches beside itself reads the session and leaves it as it is. Saved at the end of a slow picture, it
 * would put back what the session was before the form that was sent meanwhile, and the sentence that says whether the
 * form was saved would be lost.
 */
final class StartSession extends FrameworkStartSession
{
    protected function saveSession($request): void
    {
        if (! $request->attributes->getBoolean(BesideThePage::class)) {
            parent::saveSession($request);
        }
    }
}
