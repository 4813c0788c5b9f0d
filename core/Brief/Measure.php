<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

use TruePupil\Core\Findings\Need;
use TruePupil\Core\Findings\Situation;

/** What a check can look at. */
enum Measure: string
{
    case Mode = 'record.mode';
    case PlacementError = 'subject.placementError';
    case SubjectLostHighlights = 'subject.lostHighlightsPct';
    case LostHighlights = 'tone.lostHighlightsPct';
    case BlockedShadows = 'tone.blockedShadowsPct';
    case IsoSlack = 'record.isoSlack';

    public function label(): string
    {
        return match ($this) {
            self::Mode => 'exposure mode',
            self::PlacementError => 'subject from where the brief wants it',
            self::SubjectLostHighlights => 'lost highlights in the subject',
            self::LostHighlights => 'lost highlights in the frame',
            self::BlockedShadows => 'blocked shadows in the frame',
            self::IsoSlack => 'ISO above what the light needed',
        };
    }

    public function unit(): string
    {
        return match ($this) {
            self::Mode => '',
            self::PlacementError, self::IsoSlack => 'stops',
            self::SubjectLostHighlights, self::LostHighlights, self::BlockedShadows => '%',
        };
    }

    /** Null when it is not known. */
    public function of(Situation $situation): float|string|null
    {
        return match ($this) {
            self::Mode => $situation->record->mode->value === 'unknown' ? null : $situation->record->mode->value,
            self::PlacementError => $situation->placementError()?->value,
            self::SubjectLostHighlights => $situation->measures->subject?->tone->lostHighlightsPct,
            self::LostHighlights => $situation->measures->tone->lostHighlightsPct,
            self::BlockedShadows => $situation->measures->tone->blockedShadowsPct,
            self::IsoSlack => $situation->isoSlack()?->value,
        };
    }

    /** @return list<Need> what must be known for it, the most telling first */
    public function needs(): array
    {
        return match ($this) {
            self::Mode => [Need::Mode],
            self::PlacementError => [Need::Subject, Need::Placement],
            self::SubjectLostHighlights => [Need::Subject],
            self::LostHighlights, self::BlockedShadows => [],
            self::IsoSlack => [Need::Support, Need::Iso, Need::ExposureTime, Need::FocalLength, Need::Format],
        };
    }
}
