<?php

declare(strict_types=1);

namespace App\Http\Requests;

use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use InvalidArgumentException;
use TruePupil\Core\Day\DayFormat;
use TruePupil\Core\Day\ScoutKind;
use TruePupil\Core\Day\ShotKind;
use TruePupil\Core\Json\Fields;

/** A day's sheet as its form has it. Lines in which nothing stands are left out. */
final class DaySheetRequest extends FormRequest
{
    private const HEAD = ['title', 'date', 'begins', 'ends', 'lat', 'lon'];

    /** What makes a line one that was filled in. */
    private const LINES = ['scouting' => ['text'], 'shots' => ['title', 'at', 'bearing', 'settings', 'safe']];

    protected function prepareForValidation(): void
    {
        foreach (self::LINES as $list => $fields) {
            $lines = array_filter(
                (array) $this->input($list),
                fn (mixed $line): bool => is_array($line) && array_filter(
                    array_intersect_key($line, array_flip($fields)),
                    fn (mixed $text): bool => is_string($text) && trim($text) !== '',
                ) !== [],
            );
            $this->merge([$list => array_values($lines)]);
        }
    }

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $short = ['nullable', 'string', 'max:40'];

        return [
            'title' => ['nullable', 'string', 'max:120'],
            'date' => $short,
            'begins' => $short,
            'ends' => $short,
            'lat' => $short,
            'lon' => $short,
            'scouting' => ['array', 'max:'.DayFormat::MOST],
            'scouting.*.id' => ['nullable', 'regex:/^[a-z0-9]{1,12}$/'],
            'scouting.*.kind' => ['required', Rule::enum(ScoutKind::class)],
            'scouting.*.text' => ['required', 'string', 'max:200'],
            'shots' => ['array', 'max:'.DayFormat::MOST],
            'shots.*.id' => ['nullable', 'regex:/^[a-z0-9]{1,12}$/'],
            'shots.*.kind' => ['required', Rule::enum(ShotKind::class)],
            'shots.*.title' => ['required', 'string', 'max:200'],
            'shots.*.minutes' => ['required', 'string', 'max:4'],
            'shots.*.at' => $short,
            'shots.*.bearing' => $short,
            'shots.*.settings' => ['nullable', 'string', 'max:200'],
            'shots.*.safe' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'shots.*.title.required' => 'Say what the shot is.',
            'shots.*.minutes.required' => 'Say how many minutes it takes.',
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            $content = $validator->errors()->isEmpty() ? $this->content() : [];
            // Several may be wrong: each is set aside in its turn.
            while (($problem = self::problem($content)) !== null) {
                [$at, $why] = array_pad(explode(': ', $problem, 2), 2, $problem);
                if (! is_string(data_get($content, $at))) {
                    $validator->errors()->add('title', $problem);
                    break;
                }
                $validator->errors()->add($at, $why);
                data_set($content, $at, str_ends_with($at, 'minutes') ? '1' : '');
                if ($at === 'lat') {
                    $content['lon'] = '';
                }
            }
        });
    }

    /** @return array<string, mixed> as a day's sheet is stored */
    public function content(): array
    {
        $used = [];

        return [
            ...array_map(fn (mixed $text): string => trim((string) $text), $this->only(self::HEAD)),
            'scouting' => $this->lines('scouting', $used),
            'shots' => $this->lines('shots', $used),
        ];
    }

    /**
     * @param  array<string, true>  $used  names of lines that are taken
     * @return list<array<string, string>>
     */
    private function lines(string $list, array &$used): array
    {
        $lines = [];
        foreach (array_values((array) $this->input($list)) as $line) {
            $line = array_map(fn (mixed $text): string => trim((string) $text), (array) $line);
            $id = $line['id'] ?? '';
            // Ticks belong to the name of a line, so it stays when the line moves.
            while ($id === '' || isset($used[$id])) {
                $id = Str::lower(Str::random(6));
            }
            $used[$id] = true;
            $lines[] = [...$line, 'id' => $id];
        }

        return $lines;
    }

    /** @param  array<string, mixed>  $content */
    private static function problem(array $content): ?string
    {
        try {
            DayFormat::read(Fields::of($content), new DateTimeZone('UTC'));
        } catch (InvalidArgumentException $problem) {
            return $problem->getMessage();
        }

        return null;
    }
}
