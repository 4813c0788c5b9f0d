<?php

declare(strict_types=1);

namespace App\Planning;

use TruePupil\Core\Intent\KeptSharp;
use TruePupil\Core\Intent\SubjectKind;
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

    /** How it goes, and no speed that nobody typed: the table of how subjects stir has the times. */
    private const MOVEMENTS = [
        'still' => ['Nothing', []],
        'walking' => ['Walking, sharp', ['want' => 'acceptable', 'pace' => 'walking']],
        'riding' => ['Running or riding, sharp', ['want' => 'acceptable', 'pace' => 'running']],
        'pan' => ['Followed, the background runs', ['want' => 'pan', 'pace' => '']],
        'silk' => ['Water as silk', ['want' => 'silk', 'pace' => '']],
    ];

    /**
     * Distances in m. How soft what lies behind becomes is the lens's to say: a tap is a wish, and no bound that a lens
     * could miss.
     */
    private const DEPTHS = [
        'face' => ['A face, the rest soft', ['subject' => '1.5', 'framing' => 'bust', 'kept' => 'both-eyes']],
        'person' => ['Somebody and around', ['subject' => '3', 'framing' => 'whole', 'kept' => 'everything']],
        'small' => ['A small thing', ['subject' => '0.5', 'kept' => 'head']],
        'place' => ['Near to far', ['subject' => '5', 'near' => '2.5', 'far' => '∞']],
        'distant' => ['Far away', ['subject' => '30', 'near' => '25', 'far' => '∞']],
    ];

    /** What each of them is of, while nobody says. */
    private const USUALLY = [
        'face' => SubjectKind::Person,
        'person' => SubjectKind::Person,
        'small' => SubjectKind::Thing,
        'place' => SubjectKind::View,
        'distant' => SubjectKind::View,
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
            'kind' => [
                'asks' => 'What is it?',
                'answers' => array_combine(
                    array_column(SubjectKind::asked(), 'value'),
                    array_map(fn (SubjectKind $kind): string => ucfirst($kind->label()), SubjectKind::asked()),
                ),
                'chosen' => $this->input->text('is') ?: null,
            ],
            'movement' => [
                'asks' => 'What moves?',
                'answers' => array_map($label, self::MOVEMENTS),
                'chosen' => self::chosen(self::MOVEMENTS, $this->input->texts()),
            ],
            'depth' => [
                'asks' => 'What is to be sharp?',
                'answers' => array_map($label, self::DEPTHS),
                'chosen' => self::chosen(self::DEPTHS, $this->input->texts()),
            ],
        ];
    }

    /**
     * Where the slider stands, from the near eye on, and what it says.
     *
     * @return array{at: int, says: string}
     */
    public function kept(): array
    {
        $chosen = KeptSharp::tryFrom($this->input->text('kept'));

        return [
            'at' => (int) array_search($chosen ?? KeptSharp::Head, KeptSharp::cases(), true),
            'says' => $chosen?->label() ?? 'as its kind asks for',
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
        if (SubjectKind::tryFrom($given('kind')) !== null) {
            $fields = [...$fields, 'is' => $given('kind')];
        }
        foreach (['movement' => self::MOVEMENTS, 'depth' => self::DEPTHS] as $question => $known) {
            // A form sends all its answers: what was chosen before is not chosen again over a slider that was moved.
            if (isset($known[$given($question)]) && self::chosen($known, $fields) !== $given($question)) {
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

        if (KeptSharp::tryFrom($given('kept')) !== null) {
            $fields = [...$fields, 'kept' => $given('kept')];
        }

        return self::ofAKind($fields, $given('kind'), $given('depth'));
    }

    /**
     * What it is, from the other answers, while nobody says: silk is water, a face is a person.
     *
     * @param  array<string, string>  $fields
     * @return array<string, string>
     */
    private static function ofAKind(array $fields, string $said, string $depth): array
    {
        $is = SubjectKind::tryFrom($said) ?? match (true) {
            ($fields['want'] ?? '') === 'silk' => SubjectKind::Water,
            isset(self::USUALLY[$depth]) => self::USUALLY[$depth],
            default => SubjectKind::tryFrom($fields['is'] ?? ''),
        };
        if (($fields['pace'] ?? '') === 'running') {
            $is = match ($is) {
                SubjectKind::Person, SubjectKind::People, SubjectKind::Walker, null => SubjectKind::Runner,
                default => $is,
            };
        }

        return $is === null ? $fields : [...$fields, 'is' => $is->value];
    }

    /**
     * A plan as its student would say it of a frame: distances that only a tap stood for are nobody's figures.
     *
     * @param  array<string, mixed>  $fields  as the plan keeps them
     * @return array<string, mixed>
     */
    public static function said(array $fields): array
    {
        $texts = array_map(fn (mixed $value): string => is_scalar($value) ? (string) $value : '', $fields);
        $tapped = self::chosen(self::DEPTHS, $texts);
        if ($tapped === null) {
            return $fields;
        }
        $said = array_diff_key($fields, array_flip(['subject', 'near', 'far', 'background', 'separation', 'framing']));

        return isset(self::DEPTHS[$tapped][1]['far']) ? [...$said, 'kept' => KeptSharp::Everything->value] : $said;
    }

    /**
     * The slider has no part in it: it is moved within an answer.
     *
     * @param  array<string, array{string, array<string, string>}>  $known
     * @param  array<string, string>  $given  the fields of the plan
     */
    private static function chosen(array $known, array $given): ?string
    {
        $fields = array_diff(self::fieldsOf($known), ['kept']);
        foreach ($known as $answer => [, $means]) {
            $isSo = $means === []
                ? ($given['still'] ?? '') !== ''
                : array_filter(
                    $fields,
                    fn (string $field): bool => ($given[$field] ?? '') !== ($means[$field] ?? ''),
                ) === [];
            if ($isSo && ($means !== [] || ($given['want'] ?? '') === '')) {
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
        $fields = $known === self::MOVEMENTS
            ? ['still' => '1', 'angle' => '0', 'speed' => '']
            : ['background' => '', 'separation' => ''];
        foreach ($known as [, $means]) {
            $fields = [...$fields, ...$means];
        }

        return array_keys($fields);
    }
}
