<?php

declare(strict_types=1);

namespace TruePupil\Core\Findings\Rules;

use TruePupil\Core\Checks\Measures\MovementBandError;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Declared;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\FindingRule;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Motion\WaterLook;
use TruePupil\Core\Retake\SameExposure;
use TruePupil\Core\Situation\Need;
use TruePupil\Core\Situation\Situation;

/** Water that was to be silk and is neither smooth nor sharp: the shutter, ISO and filter that get there. */
#[Declared('movement.silk-missed', Topic::Movement, contradictedBy: [MovementBandError::class])]
final class SilkMissed extends FindingRule
{
    public function needs(): array
    {
        return [Need::ExposureTime, Need::Movement];
    }

    public function judge(Situation $situation): ?Finding
    {
        $time = $situation->record->exposure->exposureTime;
        if ($situation->statement->intent->movement?->want !== MovementLook::Silk || $time === null) {
            return null;
        }
        [$shortest, $longest] = WaterLook::Silk->band();
        $short = Stops::ofRatio($shortest / $time->exact);
        $long = Stops::ofRatio($time->exact / $longest);
        if ($short->value <= 1 / 6 && $long->value <= 1) {
            return null;
        }
        $look = WaterLook::after($time->exact);
        if ($short->value <= 1 / 6) {
            return new Finding(
                id: $this->id(),
                topic: $this->topic(),
                severity: Severity::Choice,
                sentence: sprintf(
                    '%s is %s longer than silk: water loses its shape and turns to mist. That can be what you want; '.
                        'then say so.',
                    $time,
                    $long->inWords(),
                ),
                evidence: [new Evidence('exposure time', $time->exact, 's', $longest, -$long->value, 'stops')],
                source: 'Bands of common practice: silk from half a second to two, mist from eight.',
                suggestion: SameExposure::with(
                    $situation,
                    'flowing water keeps its lines',
                    time: ExposureTime::of(2.0),
                ),
            );
        }
        $wanted = ExposureTime::of(1.0);
        $suggestion = SameExposure::with(
            $situation,
            'the water turns to silk',
            time: $wanted,
            support: Support::Tripod,
        );

        return new Finding(
            id: $this->id(),
            topic: $this->topic(),
            severity: $look === WaterLook::Shaped ? Severity::Weakness : Severity::Fault,
            sentence: sprintf(
                'At %s water is %s, not silk. %s.',
                $time,
                match ($look) {
                    WaterLook::Frozen => 'frozen drop by drop',
                    WaterLook::Shaped => 'drawn in strands',
                    default => 'neither frozen nor smooth',
                },
                $suggestion === null
                    ? sprintf('Silk begins at %s', ExposureTime::of($shortest))
                    : sprintf(
                        '%s would be silk: %s%s, on a tripod',
                        ucfirst((string) $wanted),
                        $suggestion->exposure->settings,
                        $suggestion->exposure->filterStops > 0
                            ? sprintf(
                                ' behind a filter of %s',
                                Stops::of($suggestion->exposure->filterStops)->inWords(),
                            )
                            : '',
                    ),
            ),
            evidence: [new Evidence('exposure time', $time->exact, 's', $shortest, -$short->value, 'stops')],
            source: 'Bands of common practice: frozen to 1/500 s, strands 1/15 to 1/4 s, silk from half a second to '.
                'two.',
            suggestion: $suggestion,
        );
    }
}
