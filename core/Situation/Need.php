<?php

declare(strict_types=1);

namespace TruePupil\Core\Situation;

/** Something that must be known before a finding or a check can say anything. */
enum Need: string
{
    case Settings = 'settings';
    case Iso = 'iso';
    case ExposureTime = 'exposureTime';
    case Mode = 'mode';
    case Subject = 'subject';
    case Placement = 'placement';
    case FocalLength = 'focalLength';
    case Format = 'format';
    case Support = 'support';
    case Kit = 'kit';
    case Distance = 'distance';
    case Depth = 'depth';
    case Movement = 'movement';
    case FocusMap = 'focusMap';
    case Composition = 'composition';
    case Colour = 'colour';
    case Eye = 'eye';
    case Stars = 'stars';
    case Series = 'series';
    case Film = 'film';
    case Plan = 'plan';
    case TakenAt = 'takenAt';
    case TakenAtPlace = 'place';
    case LightFrom = 'lightFrom';
    case Horizon = 'horizon';
    case Facing = 'facing';
    case Layers = 'layers';
    case Raw = 'raw';

    public function label(): string
    {
        return match ($this) {
            self::Settings => 'aperture, exposure time and ISO',
            self::Iso => 'ISO',
            self::ExposureTime => 'exposure time',
            self::Mode => 'the exposure mode',
            self::Subject => 'the subject, marked on the picture',
            self::Placement => 'which subject of the brief this is',
            self::FocalLength => 'focal length',
            self::Format => 'the 35 mm equivalent focal length',
            self::Support => 'what held the camera',
            self::Kit => 'the kit: body, lenses and what else is at hand',
            self::Distance => 'the distance of the subject',
            self::Depth => 'from where to where it should look sharp',
            self::FocusMap, self::Composition, self::Colour => 'a newer measuring of the picture',
            self::Eye => 'the eye, marked on the picture',
            self::Stars => 'whether stars are meant to stay points',
            self::Series => 'the other frames of the row, with aperture, exposure time and ISO',
            self::Film => 'the film, in the kit',
            self::Plan => 'a plan for this brief',
            self::Raw => 'a camera raw file whose values can be read',
            self::TakenAt => 'when the picture was taken',
            self::TakenAtPlace => 'a plan with a date and a place',
            self::LightFrom => 'where the light comes from, or a plan with place, hour and bearing',
            self::Horizon => 'the horizon, marked on two frames or more, with the subject',
            self::Layers => 'two layers or more, drawn on the picture',
            self::Facing => 'where somebody looks, said of two frames or more',
            self::Movement => 'whether something moves, how fast, and how it should look',
        };
    }

    public function isKnownIn(Situation $situation): bool
    {
        return match ($this) {
            self::Settings => $situation->record->settings() !== null,
            self::Iso => $situation->record->exposure->iso !== null,
            self::ExposureTime => $situation->record->exposure->exposureTime !== null,
            self::Mode => $situation->record->exposure->mode->value !== 'unknown',
            self::Subject => $situation->measures->subject !== null,
            self::Eye => $situation->measures->focus?->eye !== null,
            self::Stars => $situation->statement->intent->contents->stars,
            self::Series => $situation->assignment->series !== null,
            self::Film => $situation->kit?->film !== null,
            self::Plan => $situation->statement->plan !== null,
            self::TakenAt => $situation->record->takenAt !== null,
            self::TakenAtPlace => $situation->statement->plan?->outing !== null,
            self::LightFrom => $situation->lightFrom() !== null,
            self::Horizon => $situation->assignment->work?->heightRange() !== null,
            self::Layers => $situation->measures->claims->marks?->layerStep() !== null,
            self::Facing => $situation->assignment->work?->facings() !== null,
            self::Placement => $situation->assignment->wanted !== null,
            self::FocalLength => $situation->record->lens->focalLength !== null,
            self::Format => $situation->format() !== null,
            self::Support => $situation->record->support !== null,
            self::Raw => $situation->measures->raw() !== null,
            self::Kit => $situation->kit !== null,
            self::Distance => $situation->focusDistance() !== null,
            self::Depth => $situation->statement->intent->asksForDepth(),
            self::Movement => $situation->statement->intent->movement !== null,
            self::FocusMap => $situation->measures->focus !== null,
            self::Composition => $situation->measures->composition !== null,
            self::Colour => $situation->measures->colour !== null,
        };
    }
}
