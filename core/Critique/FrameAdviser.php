<?php

declare(strict_types=1);

namespace TruePupil\Core\Critique;

use TruePupil\Core\Adviser\Advice;
use TruePupil\Core\Adviser\AdviceRequest;
use TruePupil\Core\Adviser\ExposureMap;
use TruePupil\Core\Adviser\KitAdviser;
use TruePupil\Core\Adviser\MapPoint;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Adviser\TakenFrame;
use TruePupil\Core\Capture\RecordedKit;
use TruePupil\Core\Checks\CheckBounds;
use TruePupil\Core\Checks\CheckEvaluation;
use TruePupil\Core\Checks\CheckResult;
use TruePupil\Core\Checks\Measures\RecordExposureTime;
use TruePupil\Core\Checks\Measures\RecordFNumber;
use TruePupil\Core\Checks\Measures\RecordFocalLength35;
use TruePupil\Core\Checks\Measures\RecordIso;
use TruePupil\Core\Checks\Measures\RecordMode;
use TruePupil\Core\Checks\Verdict;
use TruePupil\Core\Exposure\Ev100;
use TruePupil\Core\Exposure\Stops;
use TruePupil\Core\Findings\Critic;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Kit;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Modes\WhoDecides;
use TruePupil\Core\Retake\PlacementAdviser;
use TruePupil\Core\Situation\RetakenFrame;
use TruePupil\Core\Situation\Situation;

/**
 * Better settings for a frame that was taken. Where an intent or a kit is known the whole kit is searched for it;
 * otherwise one value of the frame moves until its subject sits in its place. Each suggestion names the findings that
 * it would do away with, found out by judging the frame retaken.
 */
final readonly class FrameAdviser
{
    /** More would be a list to choose from, and no advice. */
    private const OFFERED = 4;

    /** What a brief may ask that settings alone decide. */
    private const OF_SETTINGS = [
        RecordFNumber::ID, RecordExposureTime::ID, RecordIso::ID, RecordFocalLength35::ID, RecordMode::ID,
    ];

    public function __construct(private Critic $critic, private PlacementAdviser $placement = new PlacementAdviser())
    {
    }

    /** @param  list<Finding>  $findings  what was noticed about the frame */
    public function advise(Situation $situation, array $findings): Advice
    {
        $advice = $this->search($situation);
        // What was searched for knows one light; a flash is a second one.
        $usesKit =
            $advice !== null &&
            ($situation->kit !== null ||
                ! $situation->statement->intent->isEmpty() ||
                $this->missesSettings($situation)) &&
            ! ($situation->isLitByFlash() && $this->isMisplaced($situation));
        $offered = [];
        foreach ($usesKit ? $advice->suggestions : $this->placement->suggest($situation) as $suggestion) {
            $suggestion = $usesKit
                ? $this->completed($situation, $suggestion, $findings)
                : $suggestion->fixing($this->fixes($situation, $suggestion, $findings));
            $isJudged = $usesKit && $offered !== [] && $suggestion->flash === null;
            if ($isJudged && $this->causes($situation, $suggestion, $findings)) {
                continue;
            }
            $isOffered = $suggestion->effect->fixes !== [] || $suggestion->flash !== null;
            if (! $usesKit || $isOffered || $this->isMisplaced($situation)) {
                $offered[] = $suggestion;
            }
        }
        array_push($offered, ...$this->ofRules($situation, $findings, $offered));
        $offered = $this->withinBrief($situation, $offered);
        $map = $advice?->map;

        return new Advice(
            $offered,
            $usesKit ? $advice->impossible : null,
            $map?->with(...$this->points($situation, $map)),
            $usesKit ? $advice->ladder : [],
        );
    }

    /**
     * Those that the brief's checks on settings let pass. Where none does, the first stays and says what it misses.
     *
     * @param  list<Suggestion>  $offered
     * @return list<Suggestion>
     */
    private function withinBrief(Situation $situation, array $offered): array
    {
        $bounds = CheckBounds::of($situation->assignment->brief, $situation->assignment->row);
        // What is set by hand can be set in manual, where the brief wants that.
        $offered = array_map(
            fn (Suggestion $one): Suggestion => $bounds->missedBy($one) === ['the mode'] &&
                in_array(ExposureMode::Manual, $bounds->modes, true) ? $one->byHand() : $one,
            $offered,
        );
        $kept = array_values(array_filter($offered, fn (Suggestion $one): bool => $bounds->missedBy($one) === []));

        return $kept !== [] || $offered === [] ? $kept : [
            $offered[0]->costing(sprintf(
                'it does not keep to %s that the brief asks for: nothing at hand does both',
                implode(' and ', $bounds->missedBy($offered[0])),
            )),
        ];
    }

    /**
     * What single rules suggest, beside what was searched for: each once, and none that repeats an exposure which is
     * known to be off.
     *
     * @param  list<Finding>  $findings
     * @param  list<Suggestion>  $offered
     * @return list<Suggestion>
     */
    private function ofRules(Situation $situation, array $findings, array $offered): array
    {
        $before = $situation->record->settings();
        $error = $situation->exposureError()->value ?? 0.0;
        $seen = array_map(self::key(...), $offered);
        $more = [];
        foreach ($this->faults($findings) as $finding) {
            $suggestion = $finding->suggestion;
            if ($before === null || $suggestion === null || in_array(self::key($suggestion), $seen, true)) {
                continue;
            }
            $settings = $suggestion->exposure->settings;
            $change = $situation->ev100Of($before)->minus($situation->ev100Of($settings))->value -
                $suggestion->exposure->filterStops;
            if ($situation->isLitByFlash()) {
                $change -= $settings->time->stopsMoreLightThan($before->time)->value;
            }
            if (abs($change + $error) <= 1 / 3 + 1e-6 || abs($error) <= 1 / 3) {
                $seen[] = self::key($suggestion);
                $more[] = $suggestion->fixing($this->fixes($situation, $suggestion, $findings));
            }
        }

        return array_slice($more, 0, max(0, self::OFFERED - count($offered)));
    }

    private static function key(Suggestion $suggestion): string
    {
        return $suggestion->exposure->settings.' '.$suggestion->exposure->mode->value.' '.$suggestion->lens->name;
    }

    /**
     * A suggestion from a kit with the compensation that leads to it and the findings that it would do away with.
     *
     * @param  list<Finding>  $findings
     */
    public function completed(Situation $situation, Suggestion $suggestion, array $findings): Suggestion
    {
        $suggestion = $this->compensated($situation, $suggestion);

        return $suggestion->fixing($this->fixes($situation, $suggestion, $findings));
    }

    private function search(Situation $situation): ?Advice
    {
        $request = $this->request($situation);

        $advice = $request === null ? null : KitAdviser::advise($request);
        if ($request === null || $advice === null || $advice->suggestions !== [] || ! $request->bounds->asksForLens()) {
            return $advice;
        }
        // Where no lens at hand is as the brief asks, the rest of it can still be done.
        $rest = KitAdviser::advise($request->with(bounds: $request->bounds->ofAnyFocalLength()));

        return $rest->suggestions === [] ? $advice : new Advice(
            array_map(
                fn (Suggestion $one): Suggestion => $one->costing('the focal length that the brief asks for needs '.
                    'another lens'),
                $rest->suggestions,
            ),
            null,
            $rest->map,
            $rest->ladder,
        );
    }

    /** What there is to find settings for; null where the light or what the frame was taken with is not known. */
    public function request(Situation $situation): ?AdviceRequest
    {
        $light = $this->light($situation);
        $kit = $situation->kit ?? RecordedKit::of($situation->record);
        if ($light === null || $kit === null) {
            return null;
        }
        $meant = $situation->statement->intent;
        $distances = $meant->distances;
        $intent = $meant->with(
            // Where depth is asked for, the adviser is free to choose the focus.
            $distances->focusedAt(
                $distances->subject ?? ($meant->asksForDepth() ? null : $situation->focusDistance()),
            ),
            // What was framed is what is wanted, unless the student says otherwise.
            focalLength35: $meant->focalLength35 ?? $situation->record->lens->focalLength35,
        );

        return new AdviceRequest(
            $light,
            $this->withSupport($kit, $situation->record->support),
            $intent,
            $situation->approach,
            taken: new TakenFrame(
                $situation->record->exposure->fNumber,
                $situation->record->support,
                $situation->record->settings(),
            ),
            exposureIndex: $situation->record->exposure->iso,
            bounds: CheckBounds::of($situation->assignment->brief, $situation->assignment->row),
        );
    }

    /** The exposure that puts right what the frame is off by; the frame's own where nothing says that it is. */
    private function light(Situation $situation): ?Ev100
    {
        $settings = $situation->record->settings();

        return $settings === null
            ? null
            : $situation->ev100Of($settings)->plus($situation->exposureError() ?? Stops::none());
    }

    private function withSupport(Kit $kit, ?Support $support): Kit
    {
        return $support === null || in_array($support, $kit->supports, true)
            ? $kit
            : $kit->with(supports: [...$kit->supports, $support]);
    }

    /**
     * Where the meter decides, the suggestion is reached by compensation: what was set, less what the frame missed by.
     */
    private function compensated(Situation $situation, Suggestion $suggestion): Suggestion
    {
        $error = $situation->exposureError();
        if (
            $error === null ||
            ! $situation->record->exposure->mode->followsTheMeter() ||
            ! WhoDecides::in($suggestion->exposure->mode)->compensation
        ) {
            return $suggestion;
        }

        $told = $situation->onDial(
            Stops::of(($situation->record->exposure->compensation ?? 0.0) - $error->value),
        )->value;

        return abs($told) <= PlacementAdviser::COMPENSATION_END
            ? $suggestion->compensatedBy($told)
            : $suggestion->byHand();
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<string>
     */
    private function fixes(Situation $situation, Suggestion $suggestion, array $findings): array
    {
        // Whole rows of frames are not retaken by one.
        $faults = array_filter(
            $this->faults($findings),
            fn (Finding $finding): bool => $finding->topic !== Topic::Series,
        );
        // The light of a flash is not in the picture that it would be judged by.
        if ($faults === [] || $suggestion->flash !== null) {
            return [];
        }
        $retaken = RetakenFrame::of($situation, $suggestion);
        $left = [
            ...array_map(
                fn (Finding $finding): string => $finding->id,
                $this->faults($this->critic->judge($retaken)),
            ),
            ...self::unmet($retaken),
        ];

        return array_values(array_diff(array_map(fn (Finding $finding): string => $finding->id, $faults), $left));
    }

    /** @return list<string> findings that the brief's checks gave, or would give, as long as they are not met */
    private static function unmet(Situation $situation): array
    {
        $brief = $situation->assignment->brief;
        $unmet = array_filter(
            $brief === null ? [] : CheckEvaluation::of($brief, $situation),
            fn (CheckResult $result): bool => $result->verdict !== Verdict::Met,
        );

        return array_values(array_map(
            fn (CheckResult $result): string => AskedFor::PREFIX.$result->check->id,
            $unmet,
        ));
    }

    /** Whether other settings would bring it closer to what the brief asks of them. */
    private function missesSettings(Situation $situation): bool
    {
        $brief = $situation->assignment->brief;
        foreach ($brief === null ? [] : CheckEvaluation::of($brief, $situation) as $result) {
            if ($result->verdict->isOff() && in_array($result->check->measure->id, self::OF_SETTINGS, true)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether the frame retaken with it would have a fault that it has not now: to put one right by another is none.
     *
     * @param  list<Finding>  $findings
     */
    private function causes(Situation $situation, Suggestion $suggestion, array $findings): bool
    {
        return array_diff(
            self::grave($this->critic->judge(RetakenFrame::of($situation, $suggestion))),
            self::grave($findings),
        ) !== [];
    }

    /**
     * @param  list<Finding>  $findings
     * @return list<string>
     */
    private static function grave(array $findings): array
    {
        $grave = array_filter(
            $findings,
            fn (Finding $one): bool => $one->severity === Severity::Fault && $one->topic !== Topic::Series,
        );

        return array_values(array_map(fn (Finding $one): string => $one->id, $grave));
    }

    /**
     * Everything but praise, which some rules give under the same name when the fault is gone.
     *
     * @param  list<Finding>  $findings
     * @return list<Finding>
     */
    private function faults(array $findings): array
    {
        return array_values(
            array_filter($findings, fn (Finding $finding): bool => $finding->severity !== Severity::Praise),
        );
    }

    private function isMisplaced(Situation $situation): bool
    {
        return abs($situation->exposureError()->value ?? 0.0) > 1 / 3 + 1e-9;
    }

    /** @return list<MapPoint> the frame and its plan */
    public function points(Situation $situation, ExposureMap $map): array
    {
        $points = [];
        foreach (
            [
                'frame' => $situation->record->settings(),
                'plan' => $situation->statement->plan?->settings(),
            ] as $what => $settings
        ) {
            if ($settings !== null) {
                $points[] = MapPoint::of($what, $what, $settings, $map->increment);
            }
        }

        return $points;
    }
}
