<?php

declare(strict_types=1);

namespace TruePupil\Core\Critique;

use TruePupil\Core\Adviser\Demands;
use TruePupil\Core\Adviser\ExposureMap;
use TruePupil\Core\Adviser\Grid;
use TruePupil\Core\Adviser\LensChoice;
use TruePupil\Core\Adviser\MapPoint;
use TruePupil\Core\Adviser\PreferredAperture;
use TruePupil\Core\Adviser\Setup;
use TruePupil\Core\Adviser\SuggestedEffect;
use TruePupil\Core\Adviser\SuggestedExposure;
use TruePupil\Core\Adviser\SuggestedLens;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Adviser\Wording;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Intent\KeptSharp;
use TruePupil\Core\Kit\Body;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Situation\Situation;

/**
 * Changes a suggestion by hand. One of aperture, time and ISO follows, so that the exposure stays what places the
 * subject: Av + Tv = EV100 − filter + Sv. Values stay within lens and camera; what is then missed of the light or of
 * the intent is said, as for any other suggestion.
 */
final readonly class SuggestionEditor
{
    public function __construct(private FrameAdviser $adviser)
    {
    }

    /**
     * @param  list<Finding>  $findings  what was noticed about the frame
     * @return ?EditedSuggestion null where the light or what it was taken with is not known
     */
    public function edit(Situation $situation, array $findings, SuggestionChange $change): ?EditedSuggestion
    {
        $request = $this->adviser->request($situation);
        if ($request === null || $request->kit->lenses === []) {
            return null;
        }
        $body = $request->kit->body;
        $choice = $this->choice($request->kit, $situation, $change);
        $support = $change->support ?? ($situation->record->support ?? Support::Hand);
        $demands = Demands::of($request, $choice, $support);
        $setup = new Setup($choice, $demands, $support, $change->filterStops);
        $light = $setup->light($request);
        [$settings, $held] = $this->within($body, $demands, $change);
        $settings = $this->following($settings, $change->follows, $light, $body, $demands);
        [$av, $tv, $sv] = [$settings->aperture->apex(), $settings->time->apex(), $settings->iso->stopsAbove100()];
        $missed = $setup->missed($light + $sv - $av, $av, $tv, $sv);
        $candidate = $setup->candidate($av, $tv, $sv, 0.0, $missed);
        $wording = new Wording($request);
        $suggestion = new Suggestion(
            kind: 'own',
            title: 'The instructor\'s own: '.$settings,
            exposure: new SuggestedExposure(
                settings: $settings,
                mode: $change->mode,
                compensation: null,
                filterStops: $change->filterStops,
            ),
            lens: new SuggestedLens(
                name: $choice->lens->name,
                focalLength: $choice->focalLength,
                focusDistance: $demands->focus,
                widestFNumber: $choice->lens->widestAt($choice->focalLength)->nominal(),
            ),
            support: $support,
            effect: new SuggestedEffect(
                gains: $wording->gains($candidate),
                costs: $wording->costs($candidate),
                meets: $missed === [],
            ),
        );
        $map = ExposureMap::of($request, $setup, [MapPoint::of('own', '+', $settings, $body->limits->increment)]);

        return new EditedSuggestion(
            $this->adviser->completed($situation, $suggestion, $findings),
            $map->with(...$this->adviser->points($situation, $map)),
            $held,
        );
    }

    /** The aperture at which so much of the subject is sharp; null where light or kit is not known. */
    public function keeping(Situation $situation, SuggestionChange $change, KeptSharp $kept): ?Aperture
    {
        $request = $this->adviser->request($situation);
        if ($request === null || $request->kit->lenses === []) {
            return null;
        }
        $choice = $this->choice($request->kit, $situation, $change);
        $demands = Demands::of($request, $choice, $change->support ?? Support::Hand)->aperture;
        $format = $request->kit->body->format;
        $av = PreferredAperture::kept(
            $kept,
            $request->intent,
            $format,
            $choice->focalLength,
            $demands->widest,
            PreferredAperture::middle($request->weights, $format),
        );

        return Aperture::nearest(
            2 ** (max($demands->widest, min($demands->smallest, $av)) / 2),
            $request->kit->body->limits->increment,
        );
    }

    private function choice(Kit $kit, Situation $situation, SuggestionChange $change): LensChoice
    {
        $lens = $kit->lensNamed($change->lens) ?? $kit->lenses[0];
        $wanted = $change->focalLength ?? ($situation->record->lens->focalLength ?? $lens->minFocal);

        return LensChoice::at($lens, max($lens->minFocal, min($lens->maxFocal, $wanted)));
    }

    /**
     * @return array{ExposureSettings, list<string>}
     *   what was set by hand, brought within lens and camera, and what had to be
     */
    private function within(Body $body, Demands $demands, SuggestionChange $change): array
    {
        [$wanted, $increment, $held] = [$change->settings, $body->limits->increment, []];
        $brought = function (float $value, float $from, float $to, FollowingValue $what) use ($change): ?float {
            return $what === $change->follows || ($value >= $from - Grid::BALANCED && $value <= $to + Grid::BALANCED)
                ? null
                : max($from, min($to, $value));
        };
        [$aperture, $time, $iso] = [$wanted->aperture, $wanted->time, $wanted->iso];
        if (
            ($av = $brought(
                $aperture->apex(),
                $demands->aperture->widest,
                $demands->aperture->smallest,
                FollowingValue::Aperture,
            )) !== null
        ) {
            $aperture = Aperture::nearest(2 ** ($av / 2), $increment);
            $held[] = sprintf('The lens does not go to %s; %s is as far as it goes.', $wanted->aperture, $aperture);
        }
        if (
            ($tv = $brought($time->apex(), $demands->time->slowest, $demands->time->fastest, FollowingValue::Time)) !==
            null
        ) {
            $time = ExposureTime::nearest(2 ** -$tv, $increment);
            $held[] = sprintf('The shutter does not go to %s; %s is as far as it goes.', $wanted->time, $time);
        }
        if (
            ($sv = $brought(
                $iso->stopsAbove100(),
                $demands->iso->lowest,
                $demands->iso->highest,
                FollowingValue::Iso,
            )) !== null
        ) {
            $iso = Iso::nearest(100 * 2 ** $sv);
            $held[] = sprintf('The camera does not go to %s; %s is as far as it goes.', $wanted->iso, $iso);
        }

        return [new ExposureSettings($aperture, $time, $iso), $held];
    }

    /** @param  float  $light  EV100 behind the filter */
    private function following(
        ExposureSettings $set,
        FollowingValue $follows,
        float $light,
        Body $body,
        Demands $demands,
    ): ExposureSettings {
        $increment = $body->limits->increment;
        [$av, $tv, $sv] = [$set->aperture->apex(), $set->time->apex(), $set->iso->stopsAbove100()];

        return match ($follows) {
            FollowingValue::Time => new ExposureSettings(
                $set->aperture,
                ExposureTime::nearest(
                    2 ** -max($demands->time->slowest, min($demands->time->fastest, $light + $sv - $av)),
                    $increment,
                ),
                $set->iso,
            ),
            FollowingValue::Iso => $set->withIso(
                Iso::nearest(100 * 2 ** max($demands->iso->lowest, min($demands->iso->highest, $av + $tv - $light))),
            ),
            FollowingValue::Aperture => new ExposureSettings(
                Aperture::nearest(
                    2 ** (max($demands->aperture->widest, min($demands->aperture->smallest, $light + $sv - $tv)) / 2),
                    $increment,
                ),
                $set->time,
                $set->iso,
            ),
        };
    }
}
