<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\Course;
use App\Models\PasswordRequest;
use App\Models\PasswordWay;
use App\Models\User;
use App\Notices\NewPasswordAsked;
use App\Notices\PasswordLetter;
use Illuminate\Auth\Passwords\PasswordBroker;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Password;

/** Somebody else asks for a new password for a person, who is told of it before it counts. */
final class AskForPassword
{
    /** Hours that a link counts. */
    private const HOURS = 24;

    public static function byInstructor(User $user, User $instructor, Course $course): PasswordRequest
    {
        $way = VouchForAccount::way($user, $instructor);
        if ($way === PasswordWay::Mail) {
            /** @var PasswordBroker $broker */
            $broker = Password::broker();
            $user->notify(new PasswordLetter($broker->createToken($user)));
        }

        return self::asked($user, $way, now(), $course, $instructor);
    }

    /** By whoever runs the service: it counts later, so that whoever is signed in can stop it. */
    public static function byOperator(User $user): PasswordRequest
    {
        $hours = (int) config('pupil.password_delay_hours');

        return self::asked($user, PasswordWay::Operator, now()->addHours($hours));
    }

    private static function asked(
        User $user,
        PasswordWay $way,
        Carbon $from,
        ?Course $course = null,
        ?User $by = null,
    ): PasswordRequest {
        $request = PasswordRequest::query()->create([
            'user_id' => $user->id,
            'asked_by' => $by?->id,
            'course_id' => $course?->id,
            'way' => $way,
            'counts_from' => $from,
            'ends_at' => $from->copy()->addHours(self::HOURS),
        ]);
        if ($way !== PasswordWay::Mail) {
            $user->notify(new NewPasswordAsked($request));
        }

        return $request;
    }
}
