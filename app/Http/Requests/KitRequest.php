<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Input\FaultyFields;
use App\Input\LensLine;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use InvalidArgumentException;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Film\FilmKind;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Kit\BodyKind;
use TruePupil\Core\Kit\KitFormat;
use TruePupil\Core\Kit\Support;

/** A person's kit as the form has it, turned into the shape of a kit file. */
final class KitRequest extends FormRequest
{
    private const NUMBERS = [
        'pixels',
        'isoMin',
        'isoBase',
        'isoNativeMax',
        'isoMax',
        'stabiliserStops',
        'comfortableIso',
    ];

    private const TIMES = ['fastest', 'slowest', 'flashSync', 'silentFastest'];

    /** Fields in which something can stand that cannot be read, or that does not go with the rest. */
    private const READ = [
        ...self::NUMBERS,
        ...self::TIMES,
        'lenses',
        'filters',
        'guideNumber',
        'flashDistance',
        'flashSide',
        'flashHeight',
        'filmIndex',
        'filmYears',
        // Without its speed there is no film at all, and without a format no kit: they come after what they hold.
        'filmSpeed',
        'autoFloor',
        'autoCeiling',
        'autoSlowest',
        'format',
    ];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['nullable', 'string', 'max:80'],
            'format' => ['required', 'string', 'max:20'],
            ...array_fill_keys([...self::NUMBERS, ...self::TIMES], ['nullable', 'string', 'max:20']),
            'stepsPerStop' => ['required', 'in:2,3'],
            'kind' => ['sometimes', Rule::enum(BodyKind::class)],
            'setsNothing' => ['sometimes', 'boolean'],
            'canBounce' => ['sometimes', 'boolean'],
            'highSpeedSync' => ['sometimes', 'boolean'],
            'lenses' => ['nullable', 'string', 'max:4000'],
            'supports' => ['sometimes', 'array'],
            'supports.*' => ['in:'.implode(',', array_column(Support::cases(), 'value'))],
            'filters' => ['nullable', 'string', 'max:100'],
            'guideNumber' => ['nullable', 'string', 'max:20'],
            'flashDistance' => ['nullable', 'string', 'max:20'],
            'flashSide' => ['nullable', 'string', 'max:20'],
            'flashHeight' => ['nullable', 'string', 'max:20'],
            'filmName' => ['nullable', 'string', 'max:80'],
            'filmSpeed' => ['nullable', 'string', 'max:20'],
            'filmYears' => ['nullable', 'string', 'max:10'],
            'filmPushed' => ['nullable', 'numeric', 'between:-3,3'],
            'filmIndex' => ['nullable', 'string', 'max:20'],
            'filmKind' => ['nullable', Rule::enum(FilmKind::class)],
            'autoFloor' => ['nullable', 'string', 'max:20'],
            'autoCeiling' => ['nullable', 'string', 'max:20'],
            'autoSlowest' => ['nullable', 'string', 'max:20'],
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            foreach (FaultyFields::of($this, self::READ, self::read(...)) as $field => $problem) {
                $validator->errors()->add($field, $problem);
            }
        });
    }

    /**
     * @return array<string, mixed> as a kit file has it
     *
     * @throws InvalidArgumentException naming what cannot be read
     */
    public function kit(): array
    {
        $body = [
            'name' => trim((string) $this->input('name')) ?: 'My body',
            'format' => (string) $this->input('format'),
            'stepsPerStop' => (int) $this->input('stepsPerStop'),
            ...$this->input('kind') === BodyKind::Phone->value
                ? ['kind' => BodyKind::Phone->value, 'setsTime' => ! $this->boolean('setsNothing')]
                : [],
        ];
        foreach (self::NUMBERS as $key) {
            $number = $this->number($key);
            if ($number !== null) {
                $body[$key] = $key === 'pixels' ? [$number] : $number;
            }
        }
        foreach (self::TIMES as $key) {
            $text = trim((string) $this->input($key));
            if ($text !== '') {
                $body[$key] = ExposureTime::parse($text)->nominal();
            }
        }
        $guideNumber = $this->number('guideNumber');

        return [
            'body' => $body,
            'lenses' => array_map(get_object_vars(...), LensLine::all((string) $this->input('lenses'))),
            'supports' => array_values(array_unique(['hand', ...(array) $this->input('supports', [])])),
            'filters' => $this->filters(),
            ...$guideNumber === null ? [] : ['flash' => [
                'guideNumber' => $guideNumber,
                'canBounce' => $this->boolean('canBounce'),
                'highSpeedSync' => $this->boolean('highSpeedSync'),
                ...$this->flashPlace(),
            ]],
            ...$this->boolean('polariser') ? ['polariser' => true] : [],
            ...$this->film(),
            ...$this->automaticIso(),
        ];
    }

    /** @throws InvalidArgumentException naming what is wrong */
    private static function read(self $request): void
    {
        KitFormat::read(Fields::of($request->kit()));
    }

    /** @return list<float> stops */
    private function filters(): array
    {
        $words = preg_split('/[\s;]+/', str_replace(',', ' ', trim((string) $this->input('filters')))) ?: [];

        return array_map(
            fn (string $word): float => is_numeric($word)
                ? (float) $word
                : throw new InvalidArgumentException(sprintf('"%s" is no number of stops.', $word)),
            array_values(array_filter($words, fn (string $word): bool => $word !== '')),
        );
    }

    /** @return array<string, float> where the flash is set up; empty where it stays on the camera */
    private function flashPlace(): array
    {
        $distance = $this->number('flashDistance');

        return $distance === null ? [] : array_filter(
            [
                'distance' => $distance,
                'side' => $this->number('flashSide'),
                'height' => $this->number('flashHeight'),
            ],
            fn (?float $value): bool => $value !== null,
        );
    }

    /** @return array<string, mixed> */
    private function film(): array
    {
        $speed = $this->number('filmSpeed');

        return $speed === null
            ? []
            : [
                'film' => array_filter(
                    [
                        'name' => trim((string) $this->input('filmName')) ?: null,
                        'boxSpeed' => $speed,
                        'kind' => $this->input('filmKind') ?: null,
                        'yearsExpired' => $this->number('filmYears'),
                        'pushed' => $this->number('filmPushed') ?: null,
                        'exposureIndex' => $this->number('filmIndex'),
                    ],
                    fn (mixed $value): bool => $value !== null,
                ),
            ];
    }

    /** @return array<string, mixed> */
    private function automaticIso(): array
    {
        $slowest = trim((string) $this->input('autoSlowest'));
        $automatic = array_filter(
            [
                'floor' => $this->number('autoFloor'),
                'ceiling' => $this->number('autoCeiling'),
                'slowest' => $slowest === '' ? null : ExposureTime::parse($slowest)->nominal(),
            ],
            fn (?float $value): bool => $value !== null,
        );

        return $automatic === [] ? [] : ['autoIso' => $automatic];
    }

    private function number(string $key): ?float
    {
        $text = str_replace(
            ',',
            '.',
            trim(preg_replace('/^iso\s*|\s*(m|°|stops?)$/iu', '', (string) $this->input($key)) ?? ''),
        );
        if ($text === '') {
            return null;
        }

        return is_numeric($text)
            ? (float) $text
            : throw new InvalidArgumentException(sprintf('"%s" is no number.', $this->input($key)));
    }
}
