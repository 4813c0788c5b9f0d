<?php

declare(strict_types=1);

namespace App\Planning;

use TruePupil\Core\Plan\LightCondition;

/**
 * A plan by three questions: each answer stands for what the whole form would say in several fields, and can be seen
 * and changed there.
 */
final readonly class PlanQuestions
{
    /** Lights that are met most, in the order of a day. */
    private const LIGHTS = [
        LightCondition::Sun->value => 'Full sun',
        LightCondition::Overcast->value => 'Overcast',
        LightCondition::OpenShade->value => 'Open shade',
        LightCondition::Sunset->value => 'Sunset',
        LightCondition::Window->value => 'By a window',
        LightCondition::Workshop->value => 'A lit workshop',
        LightCondition::Home->value => 'A room, evening',
        LightCondition::LitStreet->value => 'A lit street',
    ];

    /** Speeds in m/s: walking, then running or riding. */
    private const MOVEMENTS = [
        'still' => ['Nothing', []],
        'walking' => ['Walking, sharp', ['want' => 'freeze', 'speed' => '1.4']],
        'riding' => ['Running or riding, sharp', ['want' => 'freeze', 'speed' => '6']],
        'pan' => ['Followed, the background runs', ['want' => 'pan', 'speed' => '4']],
        'silk' => ['Water as silk', ['want' => 'silk', 'speed' => '2']],
    ];

    /** Distances in m, the spread of the background in percent of the width. */
    private const DEPTHS = [
        'face' => [
            'A face, the rest soft',
            ['subject' => '1.5', 'near' => '1.4', 'far' => '1.6', 'background' => '6', 'separation' => '3'],
        ],
        'person' => ['Somebody and around', ['subject' => '3', 'near' => '2.5', 'far' => '4']],
        'small' => ['A small thing', ['subject' => '0.5', 'near' => '0.48', 'far' => '0.53']],
        'place' => ['Near to far', ['subject' => '5', 'near' => '2.5', 'far' => '∞']],
        'distant' => ['Far away', ['subject' => '30', 'near' => '25', 'far' => '∞']],
    ];

    private function __construct(private PlanInput $input)
    {
    }

    public static function of(PlanInput $input): self
    {
        return new self($input);
    }

    /**
     * The questions with their answers, and the one that the plan has now.
     *
     * @return array<string, array{asks: string, answers: array<string, string>, chosen: ?string}>
     */
    public function all(): array
    {
        $label = fn (array $answer): string => $answer[0];

        return [
            'light' => [
                'asks' => 'What light will there be?',
                'answers' => self::LIGHTS,
                'chosen' => $this->input->way() === 'condition' &&
                    isset(self::LIGHTS[$this->input->text('condition')]) ? $this->input->text('condition') : null,
            ],
            'movement' => [
                'asks' => 'What moves?',
                'answers' => array_map($label, self::MOVEMENTS),
                'chosen' => $this->chosen(self::MOVEMENTS),
            ],
            'depth' => [
                'asks' => 'What is to be sharp?',
                'answers' => array_map($label, self::DEPTHS),
                'chosen' => $this->chosen(self::DEPTHS),
            ],
        ];
    }

    /**
     * The fields of a plan with these answers put in; what no question is about stays.
     *
     * @param  array<mixed>  $answers  by question
     * @param  array<string, string>  $fields
     * @return array<string, string>
     */
    public static function answered(array $answers, array $fields): array
    {
        $given = fn (string $question): string => is_string($answers[$question] ?? null) ? $answers[$question] : '';
        if (LightCondition::tryFrom($given('light')) !== null) {
            $fields = [...$fields, 'way' => 'condition', 'condition' => $given('light')];
        }
        foreach (['movement' => self::MOVEMENTS, 'depth' => self::DEPTHS] as $question => $known) {
            if (isset($known[$given($question)])) {
                $fields = [
                    ...array_diff_key($fields, array_flip(self::fieldsOf($known))),
                    ...$known[$given($question)][1],
                ];
                // That nothing moves is an answer too, though no field says it.
                $fields = $question === 'movement' && $given($question) === 'still'
                    ? [...$fields, 'still' => '1']
                    : $fields;
            }
        }

        return $fields;
    }

    /** @param  array<string, array{string, array<string, string>}>  $known */
    private function chosen(array $known): ?string
    {
        $fields = self::fieldsOf($known);
        foreach ($known as $answer => [, $means]) {
            $isSo = $means === []
                ? $this->input->text('still') !== ''
                : array_filter(
                    $fields,
                    fn (string $field): bool => $this->input->text($field) !== ($means[$field] ?? ''),
                ) === [];
            if ($isSo && ($means !== [] || $this->input->text('want') === '')) {
                return $answer;
            }
        }

        return null;
    }

    /**
     * @param  array<string, array{string, array<string, string>}>  $known
     * @return list<string>
     */
    private static function fieldsOf(array $known): array
    {
        $fields = $known === self::MOVEMENTS ? ['still' => '1', 'angle' => '0'] : [];
        foreach ($known as [, $means]) {
            $fields = [...$fields, ...$means];
        }

        return array_keys($fields);
    }
}
