<?php

declare(strict_types=1);

namespace TruePupil\Core\Kit;

use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Exposure\StopIncrement;
use TruePupil\Core\Film\Film;
use TruePupil\Core\Film\FilmKind;
use TruePupil\Core\Film\Reciprocity;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Json\InvalidFields;
use TruePupil\Core\Optics\SensorFormat;

/**
 * Reads a kit from decoded JSON: "body", "lenses", "filters", "supports", "polariser", "flash", "film" and "autoIso".
 */
final class KitFormat
{
    /** Stops that a polariser usually takes. */
    private const POLARISER = 4 / 3;

    /** @throws InvalidFields|\InvalidArgumentException naming what is wrong */
    public static function read(Fields $data): Kit
    {
        $supports = array_map(
            fn (string $name): Support => Support::tryFrom($name) ??
                throw InvalidFields::expected('supports', 'a list of hand, braced, monopod and tripod', $name),
            $data->texts('supports'),
        );
        $single = $data->choice('support', Support::class);

        return new Kit(
            body: self::body($data->part('body')),
            lenses: array_map(self::lens(...), $data->parts('lenses')),
            supports: $supports !== []
                ? array_values(array_unique($supports, SORT_REGULAR))
                : [$single ?? Support::Hand],
            // A polariser counts as the filter that it also is.
            filters: $data->flag('polariser') === true
                ? [...$data->positives('filters'), self::POLARISER]
                : $data->positives('filters'),
            flash: $data->has('flash') ? self::flash($data->part('flash')) : null,
            film: $data->has('film') ? self::film($data->part('film')) : null,
            autoIso: $data->has('autoIso')
                ? self::autoIso($data->part('autoIso'), self::limits($data->part('body')))
                : null,
        );
    }

    public static function body(Fields $body): Body
    {
        $format = SensorFormat::parse($body->textOrNull('format') ?? '36x24');
        $pixels = $body->positives('pixels');
        $circle = $body->positiveOrNull('circleOfConfusion');

        return new Body(
            name: $body->textOrNull('name') ?? 'the body',
            format: $circle === null ? $format : $format->withCircleOfConfusion($circle),
            limits: self::limits($body),
            pixelsAcross: $pixels === [] ? null : (int) max($pixels),
            stabiliserStops: $body->numberOr('stabiliserStops', 0.0),
            comfortableIso: $body->positiveOrNull('comfortableIso'),
            kind: self::kind($body),
            setsTime: $body->flag('setsTime') ?? true,
        );
    }

    public static function limits(Fields $body): BodyLimits
    {
        $ordinary = new BodyLimits();
        $steps = $body->numberOr('stepsPerStop', 3);

        return new BodyLimits(
            fastest: $body->positiveOr('fastest', $ordinary->fastest),
            slowest: $body->positiveOr('slowest', $ordinary->slowest),
            isoMin: $body->positiveOr('isoMin', $ordinary->isoMin),
            isoMax: $body->positiveOr('isoMax', $ordinary->isoMax),
            flashSync: $body->positiveOrNull('flashSync'),
            isoBase: $body->positiveOrNull('isoBase'),
            isoNativeMax: $body->positiveOrNull('isoNativeMax'),
            increment: StopIncrement::tryFrom((int) $steps) ??
                throw InvalidFields::expected('body.stepsPerStop', '2 or 3', $steps),
            silentFastest: $body->positiveOrNull('silentFastest'),
        );
    }

    private static function kind(Fields $body): BodyKind
    {
        $word = $body->textOrNull('kind');

        return $word === null
            ? BodyKind::Camera
            : BodyKind::fromWord($word) ?? throw InvalidFields::expected(
                $body->at('kind'),
                'one of '.implode(', ', array_column(BodyKind::cases(), 'value')),
                $word,
            );
    }

    private static function flash(Fields $flash): Flash
    {
        return new Flash(
            $flash->positive('guideNumber'),
            $flash->flag('canBounce') ?? false,
            $flash->flag('highSpeedSync') ?? false,
            $flash->has('distance')
                ? new FlashPlace(
                    $flash->positive('distance'),
                    $flash->numberOr('side', 45.0),
                    $flash->numberOr('height', 30.0),
                )
                : null,
        );
    }

    private static function lens(Fields $lens): Lens
    {
        $minFocal = $lens->positive('minFocal');
        $widest = $lens->positive('widestAtMin');

        return new Lens(
            name: $lens->textOrNull('name') ?? round($minFocal).' mm',
            minFocal: $minFocal,
            maxFocal: $lens->positiveOr('maxFocal', $minFocal),
            widestAtMin: $widest,
            widestAtMax: $lens->positiveOr('widestAtMax', $widest),
            smallest: $lens->positiveOr('smallest', 22.0),
            closestFocus: $lens->numberOr('closestFocus', 0.0),
            stabiliserStops: $lens->numberOr('stabiliserStops', 0.0),
        );
    }

    private static function autoIso(Fields $automatic, BodyLimits $limits): AutoIso
    {
        return new AutoIso(
            $automatic->positiveOr('floor', $limits->isoBase),
            $automatic->positiveOr('ceiling', $limits->isoMax),
            $automatic->positiveOrNull('slowest'),
        );
    }

    private static function film(Fields $film): Film
    {
        return new Film(
            name: $film->textOrNull('name') ?? 'the film',
            boxSpeed: Iso::of($film->positive('boxSpeed')),
            kind: $film->choice('kind', FilmKind::class) ?? FilmKind::Negative,
            reciprocity: $film->numberOr('reciprocity', Reciprocity::TYPICAL),
            yearsExpired: $film->numberOr('yearsExpired', 0.0),
            pushed: $film->numberOr('pushed', 0.0),
            exposureIndex: $film->has('exposureIndex') ? Iso::of($film->positive('exposureIndex')) : null,
        );
    }
}
