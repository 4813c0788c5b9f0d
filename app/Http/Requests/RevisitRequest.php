<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Input\FaultyFields;
use DateTimeZone;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use TruePupil\Core\Json\Fields;
use TruePupil\Core\Plan\PlaceFields;
use TruePupil\Core\Revisit\SunWish;
use TruePupil\Core\Revisit\TideState;
use TruePupil\Core\Revisit\WishFormat;
use TruePupil\Core\Sky\LightDirection;
use TruePupil\Core\Sky\MoonShape;
use TruePupil\Core\Sky\Weather;

/** What a picture to go back for wants, as its form has it. */
final class RevisitRequest extends FormRequest
{
    public const FIELDS = [
        'lat', 'lon', 'bearing', 'fromMonth', 'toMonth', 'fromHour', 'toHour', 'sun', 'light', 'moon', 'water',
        'highWater', 'clouds', 'word',
    ];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $short = ['nullable', 'string', 'max:20'];

        return [
            ...array_fill_keys(
                ['lat', 'lon', 'bearing', 'fromMonth', 'toMonth', 'fromHour', 'toHour', 'highWater'],
                $short,
            ),
            'sun' => ['nullable', Rule::enum(SunWish::class)],
            'light' => ['nullable', Rule::enum(LightDirection::class)],
            'moon' => ['nullable', Rule::enum(MoonShape::class)],
            'water' => ['nullable', Rule::enum(TideState::class)],
            'clouds' => ['nullable', Rule::enum(Weather::class)],
            'word' => ['nullable', 'string', 'max:500'],
        ];
    }

    public function withValidator(Validator $validator): void
    {
        $validator->after(function (Validator $validator): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $problems = FaultyFields::of(
                $this,
                self::FIELDS,
                function (self $request): void {
                    PlaceFields::read(Fields::of($request->wish()));
                    WishFormat::read(Fields::of($request->wish()), new DateTimeZone('UTC'));
                },
            );
            foreach ($problems as $field => $problem) {
                // A complaint that names its field stands there, whatever would make it go away.
                [$named, $words] = array_pad(explode(': ', $problem, 2), 2, '');
                in_array($named, self::FIELDS, true)
                    ? $validator->errors()->add($named, ucfirst($words))
                    : $validator->errors()->add($field, $problem);
            }
        });
    }

    /** @return array<string, string> as typed, without what is empty */
    public function wish(): array
    {
        return array_filter(
            array_map(fn (mixed $text): string => trim((string) $text), $this->only(self::FIELDS)),
            fn (string $text): bool => $text !== '',
        );
    }
}
