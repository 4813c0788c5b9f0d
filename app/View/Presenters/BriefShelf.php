<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Models\Course;
use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\BriefTopic;

/** The library of briefs as an instructor chooses from it: by topic, each with what it takes and whether it is set. */
final readonly class BriefShelf
{
    /** Briefs that were given no topic: those that instructors composed. */
    private const OWN = 'Your own';

    /** @param  array<string, list<ShelvedBrief>>  $topics  by the label of the topic */
    private function __construct(public array $topics)
    {
    }

    /**
     * @param  list<Brief>  $briefs  in teaching order
     * @param  list<string>  $own  ids of one's own
     * @param  array<string, string>  $shared  whose the others' are, by id
     */
    public static function of(array $briefs, array $own, array $shared, Course $course): self
    {
        $set = $course
            ->setBriefs()
            ->reorder()
            ->orderBy('revision')
            ->get(['id', 'course_id', 'brief_id', 'revision'])
            ->keyBy('brief_id');
        $labels = array_map(fn (BriefTopic $topic): string => $topic->label(), BriefTopic::cases());
        $topics = array_fill_keys([self::OWN, ...$labels], []);
        foreach ($briefs as $brief) {
            $topics[$brief->topic?->label() ?? self::OWN][] = new ShelvedBrief(
                $brief,
                in_array($brief->id, $own, true),
                in_array($brief->id, $own, true) ? null : $shared[$brief->id] ?? null,
                $set->get($brief->id)?->id,
                $set->get($brief->id)?->revision,
            );
        }

        return new self(array_filter($topics));
    }

    /** @return list<string> every brief of it */
    public function ids(): array
    {
        return array_map(
            fn (ShelvedBrief $one): string => $one->brief->id,
            array_merge(...array_values($this->topics)),
        );
    }
}
