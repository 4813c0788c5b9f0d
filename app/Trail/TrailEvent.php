<?php

declare(strict_types=1);

namespace App\Trail;

/** What is written down of a course: who did it, and when. */
enum TrailEvent: string
{
    case BriefSet = 'brief-set';
    case DueChanged = 'due-changed';
    case BriefRemoved = 'brief-removed';
    case Published = 'published';
    case Recalled = 'recalled';
    case Corrected = 'corrected';
    case BriefCorrected = 'brief-corrected';
    case BriefsArranged = 'briefs-arranged';
    case MoreTime = 'more-time';
    case Archived = 'archived';
    case Reopened = 'reopened';
    case Copied = 'copied';
    case RoleChanged = 'role-changed';
    case MemberRemoved = 'member-removed';
    case CodeChanged = 'code-changed';
    case Exported = 'exported';
    case Imported = 'imported';
    case PasswordLink = 'password-link';
    case SettingsChanged = 'settings-changed';

    public function label(): string
    {
        return match ($this) {
            self::BriefSet => 'set a brief',
            self::DueChanged => 'changed the dates of a brief',
            self::BriefRemoved => 'took a brief out of the course',
            self::Published => 'published a critique',
            self::Recalled => 'took a critique back',
            self::Corrected => 'corrected a critique',
            self::BriefCorrected => 'corrected a brief',
            self::BriefsArranged => 'put the briefs in order',
            self::MoreTime => 'gave more time',
            self::Archived => 'archived the course',
            self::Reopened => 'opened the course again',
            self::Copied => 'copied the course',
            self::RoleChanged => 'changed what somebody is in the course',
            self::MemberRemoved => 'took somebody out of the course',
            self::CodeChanged => 'made a new code',
            self::Exported => 'took data out',
            self::Imported => 'brought the course in',
            self::PasswordLink => 'made a link for a new password',
            self::SettingsChanged => 'changed the settings',
        };
    }
}
