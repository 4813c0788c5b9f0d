<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\Stored;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\HtmlString;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Stored\FindingCodec;

/**
 * A finding about a frame, with what the instructor decided about it.
 *
 * @property int $id
 * @property string $rule_id
 * @property ?Finding $body  as stored; null where it cannot be read
 * @property Decision $decision
 * @property ?string $wording
 * @property ?string $dismissal
 * @property bool $current
 * @property int $revision  how often it was decided on
 * @property ?User $decidedBy
 * @property Frame $frame
 */
final class FrameFinding extends Model
{
    protected $table = 'findings';

    protected $fillable = [
        'frame_id', 'rule_id', 'body', 'decision', 'wording', 'dismissal', 'decided_by', 'current', 'revision',
    ];

    protected $attributes = ['revision' => 0];

    /** @return BelongsTo<Frame, $this> */
    public function frame(): BelongsTo
    {
        return $this->belongsTo(Frame::class);
    }

    /** @return BelongsTo<User, $this> */
    public function decidedBy(): BelongsTo
    {
        return $this->belongsTo(User::class, 'decided_by');
    }

    /** The part of the picture that it speaks of, as an attribute of the page: left, top, width and height, percent. */
    public function patch(): HtmlString
    {
        $patch = $this->found()->patch;

        return new HtmlString($patch === null ? '' : sprintf(
            'data-patch="%s"',
            implode(',', array_map(fn (float $side): float => round(100 * $side, 2), $patch->toArray())),
        ));
    }

    /** What was found, with its evidence. A row that cannot be read says so, and is still a row to decide on. */
    public function found(): Finding
    {
        return $this->body ??
            new Finding(
                id: $this->rule_id,
                topic: Topic::File,
                severity: Severity::Choice,
                sentence: 'What was found here was stored in a form that cannot be read. Check the frame again.',
                evidence: [],
                source: '',
            );
    }

    public function severity(): Severity
    {
        return $this->found()->severity;
    }

    public function topic(): Topic
    {
        return $this->found()->topic;
    }

    /**
     * Whether it counts: of a return what was accepted or reworded, and before that everything that was not dismissed.
     */
    public function counts(AttemptState $state): bool
    {
        return $state === AttemptState::Returned
            ? in_array($this->decision, [Decision::Accepted, Decision::Reworded], true)
            : $this->decision !== Decision::Dismissed;
    }

    /** @return Builder<self> of an attempt: those that nobody has decided on */
    public static function undecided(Attempt $attempt): Builder
    {
        return self::query()
            ->whereIn('frame_id', Frame::query()->where('attempt_id', $attempt->id)->select('id'))
            ->where('current', true)
            ->where('decision', Decision::Open);
    }

    /** The instructor's wording where there is one. */
    public function sentence(): string
    {
        return $this->decision === Decision::Reworded && $this->wording !== null
            ? $this->wording
            : $this->found()->sentence;
    }

    protected function casts(): array
    {
        return [
            'body' => Stored::class.':'.FindingCodec::class,
            'decision' => Decision::class,
            'current' => 'boolean',
        ];
    }
}
