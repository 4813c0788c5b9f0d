<?php

declare(strict_types=1);

namespace TruePupil\Core\Brief;

/** The questions that an approach answers, each with what the answer changes. */
enum ApproachQuestion: string
{
    case Start = 'start';
    case Iso = 'iso';
    case Protects = 'protects';
    case LowestIso = 'lowestIso';
    case LandscapeAperture = 'landscapeAperture';
    case WideRange = 'wideRange';

    public function label(): string
    {
        return match ($this) {
            self::Start => 'Beginners start with',
            self::Iso => 'ISO is',
            self::Protects => 'Exposure protects',
            self::LowestIso => 'The lowest ISO is',
            self::LandscapeAperture => 'The aperture for landscapes is',
            self::WideRange => 'A scene with more range than the sensor gets',
        };
    }

    /** What the answer changes, in two lines. */
    public function about(): string
    {
        return match ($this) {
            self::Start => 'Decides how full automatic is taken: where a course begins in automatic it is no fault yet. Where it begins in manual, suggestions are given as values to set by hand.',
            self::Iso => 'Decides whether an ISO above what the light needed, and automatic ISO in manual, are a decision of the student or of how automatic ISO was set up.',
            self::Protects => 'Decides how hard lost highlights in the subject weigh, and whether unused room at the bright end is pointed out. Where mid-tones are protected, JPEG alone is no fault.',
            self::LowestIso => 'Decides whether an extended ISO below base is a fault, since the sensor is full before the picture is, or simply the longest time to be had.',
            self::LandscapeAperture => 'Decides how diffraction at small apertures is taken: as a cost to put right, or as one that is chosen with open eyes and only shown.',
            self::WideRange => 'Decides what is suggested first where highlights and shadows do not fit together into one frame; the other ways are named in one line.',
        };
    }

    /** @return array<string, string> words by choice */
    public function choices(): array
    {
        $choices = [];
        foreach ($this->answers() as $case) {
            $choices[$case->value] = $case->label();
        }

        return $choices;
    }

    public function of(Approach $approach): string
    {
        return match ($this) {
            self::Start => $approach->start->value,
            self::Iso => $approach->iso->value,
            self::Protects => $approach->protects->value,
            self::LowestIso => $approach->lowestIso->value,
            self::LandscapeAperture => $approach->landscapeAperture->value,
            self::WideRange => $approach->wideRange->value,
        };
    }

    /** @return list<Start|IsoSetting|Protects|LowestIso|LandscapeAperture|WideRange> */
    private function answers(): array
    {
        return match ($this) {
            self::Start => Start::cases(),
            self::Iso => IsoSetting::cases(),
            self::Protects => Protects::cases(),
            self::LowestIso => LowestIso::cases(),
            self::LandscapeAperture => LandscapeAperture::cases(),
            self::WideRange => WideRange::cases(),
        };
    }
}
