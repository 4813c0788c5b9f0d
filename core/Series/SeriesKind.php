<?php

declare(strict_types=1);

namespace TruePupil\Core\Series;

/** What a row of frames was taken for. */
enum SeriesKind: string
{
    /** The same picture at several exposures, to hold more range than one frame can. */
    case Bracket = 'bracket';
    /** One of aperture, time and ISO moves; the exposure follows. */
    case OneVariable = 'one-variable';
    /** One of them moves and another answers, so that the exposure stays. */
    case EqualExposures = 'equal-exposures';

    /** Several pictures with one lens, each for itself. */
    case OneLens = 'one-lens';
    /** Several pictures for one purpose, each for itself. */
    case Set = 'set';
    /** Several pictures of one subject, to find the best. */
    case Scene = 'scene';
    /** Frames focused one behind the other, to be brought together. */
    case FocusStack = 'focus-stack';
    /** Frames side by side, to be joined. */
    case Panorama = 'panorama';

    public function label(): string
    {
        return match ($this) {
            self::Bracket => 'a bracket',
            self::OneVariable => 'a series in which one value moves',
            self::EqualExposures => 'a series of equal exposures',
            self::OneLens => 'pictures with one lens',
            self::Set => 'a set of pictures',
            self::Scene => 'pictures of one subject',
            self::FocusStack => 'frames focused one behind the other',
            self::Panorama => 'frames side by side',
        };
    }
}
