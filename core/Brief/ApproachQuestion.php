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
            self::Start => 'Decides what is said of a mode that takes a decision away: where a course begins in automatic, full automatic is no fault yet. Where it begins in manual, a priority mode is a step to take, not a goal.',
            self::Iso => 'Decides whether automatic ISO counts as a decision left to the camera, or as one made once by its ceiling and its slowest time.',
            self::Protects => 'Decides what an unused or a lost end of the scale weighs. Digital files lose highlights for good, negative film loses shadows, and slide film and JPEG forgive neither.',
            self::LowestIso => 'Decides whether an extended ISO below base is a fault, since the sensor is full before the picture is, or simply the longest time to be had.',
            self::LandscapeAperture => 'Decides from which aperture diffraction is spoken of as a cost, and what the adviser leans to where depth leaves it a choice.',
            self::WideRange => 'Decides what is suggested first where highlights and shadows do not fit together into one frame.',
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
