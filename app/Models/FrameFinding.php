<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;

/**
 * A finding about a frame, with what the instructor decided about it.
 *
 * @property int $id
 * @property string $rule_id
 * @property array<string, mixed> $body
 * @property Decision $decision
 * @property ?string $wording
 * @property ?string $dismissal
 * @property bool $current
 * @property Frame $frame
 */
final class FrameFinding extends Model
{
    protected $table = 'findings';

    protected $fillable = ['frame_id', 'rule_id', 'body', 'decision', 'wording', 'dismissal', 'decided_by', 'current'];

    /** @return BelongsTo<Frame, $this> */
    public function frame(): BelongsTo
    {
        return $this->belongsTo(Frame::class);
    }

    public function severity(): Severity
    {
        return Severity::from((string) $this->body['severity']);
    }

    public function topic(): Topic
    {
        return Topic::from((string) $this->body['topic']);
    }

    /** The instructor's wording where there is one. */
    public function sentence(): string
    {
        return $this->decision === Decision::Reworded && $this->wording !== null
            ? $this->wording
            : (string) $this->body['sentence'];
    }

    protected function casts(): array
    {
        return ['body' => 'array', 'decision' => Decision::class, 'current' => 'boolean'];
    }
}
