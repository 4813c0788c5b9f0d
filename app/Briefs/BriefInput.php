<?php

declare(strict_types=1);

namespace App\Briefs;

use TruePupil\Core\Brief\Brief;
use TruePupil\Core\Brief\Comparison;
use TruePupil\Core\Brief\InvalidBrief;
use TruePupil\Core\Brief\PlainSentence;
use TruePupil\Core\Brief\TypedNumber;
use TruePupil\Core\Checks\BriefFormat;
use TruePupil\Core\Checks\Measure;
use TruePupil\Core\Checks\Measures;
use TruePupil\Core\Checks\Measures\RecordFNumber;
use TruePupil\Core\Checks\Measures\SubjectPlacementError;

/**
 * A brief as the composer's form has it: texts, kept as typed, and the brief file that they make.
 *
 * @phpstan-type TypedCheck array{
 *     measure: string,
 *     comparison: string,
 *     limit: string,
 *     upTo: string,
 *     words: list<string>,
 *     tolerance: string,
 *     sentence: string,
 *     reason: string,
 *     row: string,
 *     from: string,
 * }
 */
final readonly class BriefInput
{
    public const TEXTS = [
        'id',
        'number',
        'title',
        'purpose',
        'task',
        'frames',
        'most',
        'series',
        'scene',
        'topic',
        'prompts',
        'cautions',
        'phone',
        'phoneWorks',
    ];

    public const CHECK = ['measure', 'comparison', 'limit', 'tolerance', 'sentence', 'reason', 'row'];

    /**
     * @param  array<string, string>  $texts
     * @param  list<string>  $decisions
     * @param  list<array{label: string, stops: string}>  $placements
     * @param  list<array{id: string, label: string, series: string, frames: string}>  $rows
     * @param  list<TypedCheck>  $checks
     * @param  list<string>  $kit  what frames may be taken with
     */
    private function __construct(
        public array $texts,
        public array $decisions,
        public array $placements,
        public array $rows,
        public array $checks,
        public array $kit,
    ) {
    }

    /** @param  array<mixed>  $form */
    public static function of(array $form): self
    {
        $text = fn (mixed $value, int $most = 2000): string => is_scalar($value)
            ? mb_substr(trim((string) $value), 0, $most)
            : '';
        $list = fn (string $key): array => array_values(
            array_filter(is_array($form[$key] ?? null) ? $form[$key] : [], is_array(...)),
        );
        $words = fn (string $key): array => array_values(
            array_filter(array_map($text, is_array($form[$key] ?? null) ? $form[$key] : [])),
        );
        $texts = [];
        foreach (self::TEXTS as $field) {
            $texts[$field] = $text($form[$field] ?? '', 8000);
        }

        return new self(
            $texts,
            $words('decisions'),
            array_map(
                fn (array $one): array => [
                    'label' => $text($one['label'] ?? '', 120),
                    'stops' => $text($one['stops'] ?? '', 10),
                ],
                $list('placements'),
            ),
            array_map(
                fn (array $one): array => [
                    'id' => $text($one['id'] ?? '', 40),
                    'label' => $text($one['label'] ?? '', 120),
                    'series' => $text($one['series'] ?? '', 40),
                    'frames' => $text($one['frames'] ?? '', 3),
                ],
                $list('rows'),
            ),
            array_map(
                fn (array $one): array => [
                    'measure' => $text($one['measure'] ?? ''),
                    'comparison' => $text($one['comparison'] ?? ''),
                    'limit' => $text($one['limit'] ?? ''),
                    'upTo' => $text($one['upTo'] ?? ''),
                    'words' => array_values(array_map($text, is_array($one['words'] ?? null) ? $one['words'] : [])),
                    'tolerance' => $text($one['tolerance'] ?? ''),
                    'sentence' => $text($one['sentence'] ?? ''),
                    'reason' => $text($one['reason'] ?? ''),
                    'row' => $text($one['row'] ?? ''),
                    'from' => $text($one['from'] ?? ''),
                ],
                $list('checks'),
            ),
            $words('kit'),
        );
    }

    /** @param  array<mixed>  $brief  as a brief file has it */
    public static function fromData(array $brief): self
    {
        $lines = fn (string $key): string => implode("\n", is_array($brief[$key] ?? null) ? $brief[$key] : []);
        $form = [
            ...array_map(fn (mixed $value): mixed => is_scalar($value) ? (string) $value : $value, $brief),
            'task' => $lines('task'),
            'prompts' => $lines('prompts'),
            'cautions' => $lines('cautions'),
            'phone' => $brief['phone']['words'] ?? '',
            'phoneWorks' => ($brief['phone']['works'] ?? true) ? '1' : '0',
        ];
        $form['checks'] = array_map(self::checkFromData(...), $brief['checks'] ?? []);
        $form['placements'] = array_map(
            fn (array $one): array => [
                ...$one,
                'stops' => LimitText::write(new SubjectPlacementError(), (float) ($one['stops'] ?? 0)),
            ],
            $brief['placements'] ?? [],
        );

        return self::of($form);
    }

    /**
     * A check as the form has it: its limit as a photographer writes it, and no sentence where it is the plain one,
     * which is then said anew from what the check is now.
     *
     * @param  array<string, mixed>  $check  as a brief file has it
     * @return array<string, mixed>
     */
    public static function checkFromData(array $check): array
    {
        $measure = Measures::find((string) ($check['measure'] ?? ''));
        $comparison = Comparison::tryFrom((string) ($check['comparison'] ?? '')) ?? Comparison::AtMost;
        $limit = is_array($check['limit'] ?? null) ? null : (float) ($check['limit'] ?? 0);

        return [
            ...$check,
            'limit' => $limit === null
                ? ''
                : LimitText::write($measure, $limit, $comparison === Comparison::Within),
            'upTo' => isset($check['upTo']) ? LimitText::write($measure, (float) $check['upTo']) : '',
            'words' => is_array($check['limit'] ?? null) ? $check['limit'] : [],
            'tolerance' => $limit === null
                ? ''
                : LimitText::writeTolerance(
                    $measure,
                    $comparison,
                    (float) ($check['upTo'] ?? $limit),
                    (float) ($check['tolerance'] ?? 0),
                ),
            'sentence' => ($check['sentence'] ?? '') === self::plain($check) ? '' : $check['sentence'] ?? '',
        ];
    }

    /**
     * @param  array<string, mixed>  $check  of another brief, as its file has it; its row stays behind
     * @param  string  $title  of that brief
     */
    public function withCheckOf(array $check, string $title): self
    {
        return $this->withChecks([
            ...$this->checks,
            ...self::of(['checks' => [[
                ...array_diff_key(self::checkFromData($check), ['row' => 0]),
                'from' => $title,
            ]]])->checks,
        ]);
    }

    /** With a check more, as a brief ordinarily asks it; of the aperture where nothing else is named. */
    public function withCheck(string $measure = ''): self
    {
        return $this->withChecks([
            ...$this->checks,
            self::usual(Measures::find($measure) ?? Measures::of(RecordFNumber::ID)),
        ]);
    }

    /**
     * Where another measure was chosen for a check, its limit is another: what is ordinarily asked of that one.
     *
     * @param  array<mixed>  $was  measures before, by number of the check
     */
    public function withUsualWhereChanged(array $was): self
    {
        $checks = [];
        foreach ($this->checks as $at => $check) {
            $measure = Measures::find($check['measure']);
            $isChanged = is_string($was[$at] ?? null) && $was[$at] !== $check['measure'] && $measure !== null;
            $checks[] = $isChanged
                ? [...self::usual($measure), 'row' => $check['row'], 'reason' => $check['reason']]
                : $check;
        }

        return $this->withChecks($checks);
    }

    /** @return TypedCheck as the form has it */
    private static function usual(Measure $measure): array
    {
        $made = self::checkFromData([
            'measure' => $measure->id,
            'comparison' => $measure->usual->comparison->value,
            'limit' => $measure->usual->limit,
            'tolerance' => $measure->usual->tolerance,
            'sentence' => '',
            'reason' => '',
        ]);

        return self::of(['checks' => [['row' => '', ...$made]]])->checks[0];
    }

    public function withoutCheck(int $index): self
    {
        return $this->withChecks(array_values(array_diff_key($this->checks, [$index => true])));
    }

    /** @param  list<TypedCheck>  $checks */
    private function withChecks(array $checks): self
    {
        return new self($this->texts, $this->decisions, $this->placements, $this->rows, $checks, $this->kit);
    }

    public function text(string $field): string
    {
        return $this->texts[$field] ?? '';
    }

    /** @return array<mixed> as a brief file has it; what is missing is missing there too */
    public function data(string $id): array
    {
        $lines = fn (string $field): array => array_values(
            array_filter(array_map(trim(...), preg_split('/\R/', $this->text($field)) ?: [])),
        );
        $number = function (string $text): float|int|string {
            $typed = TypedNumber::parse($text);

            return match (true) {
                $typed === null => $text,
                $typed === floor($typed) && abs($typed) < 1e9 => (int) $typed,
                default => $typed,
            };
        };
        $used = [];
        $placements = [];
        foreach ($this->placements as $placement) {
            if ($placement['label'] !== '' || $placement['stops'] !== '') {
                $placements[] = [
                    'id' => self::slug($placement['label'], $used),
                    'label' => $placement['label'],
                    'stops' => $number($placement['stops']),
                ];
            }
        }
        $rows = array_map(
            fn (array $row): array => [...$row, 'frames' => $number($row['frames'])],
            array_values(array_filter($this->rows, fn (array $row): bool => $row['label'] !== '')),
        );
        $used = [];
        $checks = [];
        foreach ($this->checks as $check) {
            $checks[] = $this->check(
                $check,
                self::slug(
                    $check['sentence'] !== '' ? $check['sentence'] : str_replace('.', ' ', $check['measure']),
                    $used,
                ),
                $number,
            );
        }

        return array_filter(
            [
                'format' => BriefFormat::FORMAT,
                'version' => BriefFormat::VERSION,
                'id' => $id,
                'number' => $number($this->text('number')),
                'title' => $this->text('title'),
                'purpose' => $this->text('purpose'),
                'task' => $lines('task'),
                'frames' => $number($this->text('frames')),
                'most' => $this->text('most') === '' ? null : $number($this->text('most')),
                'series' => $this->text('series') === '' ? null : $this->text('series'),
                'rows' => $rows === [] ? null : $rows,
                'decisions' => $this->decisions === [] ? null : $this->decisions,
                'kit' => $this->kit === [] ? null : $this->kit,
                'scene' => $this->text('scene') === '' ? null : $this->text('scene'),
                'topic' => $this->text('topic') === '' ? null : $this->text('topic'),
                'prompts' => $lines('prompts') === [] ? null : $lines('prompts'),
                'cautions' => $lines('cautions'),
                'phone' => $this->text('phone') === '' ? null : [
                    'works' => $this->text('phoneWorks') !== '0',
                    'words' => $this->text('phone'),
                ],
                'placements' => $placements,
                'checks' => $checks,
            ],
            fn (mixed $value): bool => $value !== null,
        );
    }

    /**
     * @return Brief as it would be
     *
     * @throws InvalidBrief naming the part at fault
     */
    public function brief(string $id): Brief
    {
        $data = $this->data($id);

        // The schema knows more than the reader: lengths, counts, ranges.
        return BriefPack::read(
            (string) json_encode([
                'format' => BriefPack::FORMAT,
                'version' => BriefPack::VERSION,
                'title' => 'One brief',
                'briefs' => [$data],
            ]),
        )->contents()[0];
    }

    /**
     * @param  TypedCheck  $check
     * @param  callable(string): (float|int|string)  $number
     * @return array<mixed>
     */
    private function check(array $check, string $id, callable $number): array
    {
        $measure = Measures::find($check['measure']);
        $words = $measure->words ?? [];
        $made = [
            'id' => $id,
            'measure' => $check['measure'],
            'comparison' => $check['comparison'],
            'limit' => $words === [] ? $number($check['limit']) : $check['words'],
        ];
        $isBetween = $check['comparison'] === Comparison::Between->value && $words === [];
        if ($isBetween) {
            $made['upTo'] = $number($check['upTo']);
        }
        if ($words === [] && $check['tolerance'] !== '') {
            $made['tolerance'] = LimitText::readTolerance(
                $measure,
                $check['comparison'],
                $isBetween ? $check['upTo'] : $check['limit'],
                $check['tolerance'],
            );
        }
        $made['sentence'] = $check['sentence'] !== '' ? $check['sentence'] : self::plain($made) ?? '';
        $made['reason'] = $check['reason'];
        if ($check['row'] !== '') {
            $made['row'] = $check['row'];
        }

        return $made;
    }

    /** @param  array<mixed>  $check */
    private static function plain(array $check): ?string
    {
        try {
            $brief = BriefFormat::read([
                'format' => BriefFormat::FORMAT,
                'version' => BriefFormat::VERSION,
                'id' => 'x',
                'number' => 1,
                'title' => 'x',
                'purpose' => 'x',
                'task' => [],
                'frames' => 1,
                'cautions' => [],
                'placements' => [],
                'checks' => [[...$check, 'sentence' => 'x', 'reason' => 'x']],
            ]);

            return PlainSentence::of($brief->checks[0]);
        } catch (InvalidBrief) {
            return null;
        }
    }

    /** @param  list<string>  $used */
    private static function slug(string $text, array &$used): string
    {
        $plain = trim(
            substr(
                (string) preg_replace('/[^a-z0-9]+/', '-', strtolower(\Illuminate\Support\Str::ascii($text))),
                0,
                36,
            ),
            '-',
        );
        $plain = $plain === '' ? 'check' : $plain;
        $id = $plain;
        for ($number = 2; in_array($id, $used, true); $number++) {
            $id = $plain.'-'.$number;
        }
        $used[] = $id;

        return $id;
    }
}
