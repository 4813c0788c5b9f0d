<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Attempt;
use App\Models\Course;
use App\Models\User;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Foundation\Http\FormRequest;

/** The model that the address of a request names. */
final class Routed
{
    public static function attempt(FormRequest $request): Attempt
    {
        $attempt = $request->route('attempt');

        return $attempt instanceof Attempt ? $attempt : throw new ModelNotFoundException();
    }

    public static function course(FormRequest $request): Course
    {
        $course = $request->route('course');

        return $course instanceof Course ? $course : throw new ModelNotFoundException();
    }

    public static function user(FormRequest $request): User
    {
        $user = $request->route('user');

        return $user instanceof User ? $user : throw new ModelNotFoundException();
    }
}
