<?php

declare(strict_types=1);

namespace App\Models;

/** What somebody is told about; each kind can be had by mail or not. */
enum NoticeKind: string
{
    case BriefSet = 'brief-set';
    case DueTomorrow = 'due-tomorrow';
    case HandedIn = 'handed-in';
    case Returned = 'returned';
    case Corrected = 'corrected';
    case Answered = 'answered';
    case AnswerRead = 'answer-read';
    case BriefCorrected = 'brief-corrected';
    case MoreTime = 'more-time';
    case FrameRefused = 'frame-refused';
    case Invited = 'invited';
    case Account = 'account';

    public function label(): string
    {
        return match ($this) {
            self::BriefSet => 'a brief was set',
            self::DueTomorrow => 'a brief is due tomorrow',
            self::HandedIn => 'what was handed in, once a day',
            self::Returned => 'a critique came back',
            self::Corrected => 'a critique was corrected',
            self::Answered => 'a student answered',
            self::AnswerRead => 'your answer was answered',
            self::BriefCorrected => 'a brief was corrected',
            self::MoreTime => 'you were given more time',
            self::FrameRefused => 'a picture could not be read',
            self::Invited => 'an invitation',
            self::Account => 'something happened to your account',
        };
    }

    /** Whether a person may go without it by mail. What concerns the account itself always goes out. */
    public function isOptional(): bool
    {
        return $this !== self::Account && $this !== self::Invited;
    }

    /** @return list<self> */
    public static function optional(): array
    {
        return array_values(array_filter(self::cases(), fn (self $kind): bool => $kind->isOptional()));
    }
}
