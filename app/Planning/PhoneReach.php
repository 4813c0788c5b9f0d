<?php

declare(strict_types=1);

namespace App\Planning;

use App\Kits\KitInUse;
use App\Kits\StarterKit;
use App\Models\User;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\PhoneWay;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\BodyKind;
use TruePupil\Core\Kit\KitFormat;

/** How a brief is done with a phone: as its author says, or, where nobody said, by what it asks of settings. */
final class PhoneReach
{
    /** @return ?PhoneWay null also where the student's camera is no phone */
    public static function forStudent(Brief $brief, User $student): ?PhoneWay
    {
        return KitInUse::of($student)?->body->kind === BodyKind::Phone ? self::of($brief) : null;
    }

    /** @return ?PhoneWay null where nobody said anything and its checks ask nothing that a phone cannot do */
    public static function of(Brief $brief): ?PhoneWay
    {
        if ($brief->words->phone !== null) {
            return $brief->words->phone;
        }
        $why = CourseReach::whyNotMet(KitFormat::read(Fields::of(StarterKit::Phone->data())), $brief);

        return $why === null ? null : new PhoneWay(false, sprintf(
            'What it asks is out of reach: %s. Ask your instructor what to do instead, or for a camera to borrow.',
            $why,
        ));
    }
}
