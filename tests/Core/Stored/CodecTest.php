<?php

declare(strict_types=1);

namespace Tests\Core\Stored;

use InvalidArgumentException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Situations;
use TruePupil\Core\Adviser\SuggestedEffect;
use TruePupil\Core\Adviser\SuggestedExposure;
use TruePupil\Core\Adviser\SuggestedLens;
use TruePupil\Core\Adviser\Suggestion;
use TruePupil\Core\Capture\PictureOrigin;
use TruePupil\Core\Capture\StatedFields;
use TruePupil\Core\Composition\Mark;
use TruePupil\Core\Composition\MarkKind;
use TruePupil\Core\Composition\Pointing;
use TruePupil\Core\Composition\PointingShape;
use TruePupil\Core\Composition\Region;
use TruePupil\Core\Exposure\Aperture;
use TruePupil\Core\Exposure\ExposureSettings;
use TruePupil\Core\Exposure\ExposureTime;
use TruePupil\Core\Exposure\Iso;
use TruePupil\Core\Findings\Evidence;
use TruePupil\Core\Findings\Finding;
use TruePupil\Core\Findings\Severity;
use TruePupil\Core\Findings\Topic;
use TruePupil\Core\Intent\Idea;
use TruePupil\Core\Intent\IntendedContents;
use TruePupil\Core\Intent\IntendedDistances;
use TruePupil\Core\Intent\Intent;
use TruePupil\Core\Intent\Movement;
use TruePupil\Core\Intent\MovementLook;
use TruePupil\Core\Kit\ExposureMode;
use TruePupil\Core\Kit\Support;
use TruePupil\Core\Stored\Codec;
use TruePupil\Core\Stored\Envelope;
use TruePupil\Core\Stored\FindingCodec;
use TruePupil\Core\Stored\IntentCodec;
use TruePupil\Core\Stored\MarksCodec;
use TruePupil\Core\Stored\MeasuresCodec;
use TruePupil\Core\Stored\PointingCodec;
use TruePupil\Core\Stored\RegionCodec;
use TruePupil\Core\Stored\StatedFieldsCodec;
use TruePupil\Core\Stored\SuggestionCodec;
use TruePupil\Core\Stored\SuggestionsCodec;

/** What is stored of values comes back, whichever version wrote it; what cannot be read says so. */
final class CodecTest extends TestCase
{
    /** @return iterable<string, array{Codec<mixed>, mixed}> */
    public static function values(): iterable
    {
        $suggestion = new Suggestion(
            kind: 'same',
            title: 'The same picture',
            exposure: new SuggestedExposure(
                settings: new ExposureSettings(Aperture::of(4), ExposureTime::of(1 / 128), Iso::of(400)),
                mode: ExposureMode::Manual,
                compensation: -1 / 3,
                filterStops: 3,
            ),
            lens: new SuggestedLens(name: 'Marlpit 50 mm', focalLength: 50, focusDistance: 2.5, widestFNumber: 1.8),
            support: Support::Monopod,
            effect: new SuggestedEffect(
                gains: ['a gain'],
                costs: ['a cost', 'another'],
                meets: false,
                fixes: ['noise.iso-slack'],
            ),
        );
        $finding = new Finding(
            id: 'test.one',
            topic: Topic::Depth,
            severity: Severity::Choice,
            sentence: 'A sentence — with marks.',
            evidence: [new Evidence('blur', 0.4, '%', 0.5, -0.1, 'stops'), new Evidence('name', 'text', '', 'limit')],
            source: 'A source.',
            suggestion: $suggestion,
            otherView: 'Others.',
            confidence: 0.6,
        );
        yield 'a suggestion' => [new SuggestionCodec(), $suggestion];
        yield 'suggestions' => [new SuggestionsCodec(), [$suggestion, $suggestion]];
        yield 'a finding' => [new FindingCodec(), $finding];
        yield 'what a note points at' => [
            new PointingCodec(),
            Pointing::of(PointingShape::Arrow, [[0.1, 0.2], [0.3, 0.4]]),
        ];
        yield 'a region' => [new RegionCodec(), Region::of(0.1, 0.2, 0.3, 0.4)];
        yield 'marks' => [new MarksCodec(), [Mark::of(MarkKind::Horizon, [[0.0, 0.4], [1.0, 0.41]])]];
        yield 'stated fields' => [
            new StatedFieldsCodec(),
            new StatedFields(Aperture::of(8), ExposureTime::of(0.5), Iso::of(200), support: Support::Tripod),
        ];
        yield 'stated origin' => [new StatedFieldsCodec(), new StatedFields(origin: PictureOrigin::Video)];
        yield 'an intent' => [
            new IntentCodec(),
            new Intent(
                distances: new IntendedDistances(subject: 3.0, near: 1.5, far: INF),
                movement: new Movement(MovementLook::Pan, 4.0, 30.0),
                contents: new IntendedContents(stars: true),
                sceneStops: 12.0,
                idea: Idea::Thirds,
            ),
        ];
        $situation = Situations::make(focus: [], composition: [], colour: [], marks: []);
        yield 'measures' => [new MeasuresCodec(), $situation->measures];
    }

    /** @param  Codec<mixed>  $codec */
    #[DataProvider('values')]
    public function test_a_value_comes_back_through_its_stored_text(Codec $codec, mixed $value): void
    {
        $text = json_encode(Envelope::seal($codec, $value), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
        $stored = json_decode($text, true, flags: JSON_THROW_ON_ERROR);
        self::assertIsArray($stored);

        $this->assertSame($codec->version(), $stored['storedVersion']);
        $this->assertEquals($value, Envelope::open($codec, $stored));
    }

    /** @param  Codec<mixed>  $codec */
    #[DataProvider('values')]
    public function test_a_newer_form_is_refused_and_not_guessed_at(Codec $codec, mixed $value): void
    {
        $stored = ['storedVersion' => $codec->version() + 1] + Envelope::seal($codec, $value);

        $this->expectException(InvalidArgumentException::class);
        $this->expectExceptionMessage('is newer than');
        Envelope::open($codec, $stored);
    }

    public function test_stored_names_stay_as_they_are(): void
    {
        $region = Envelope::open(new RegionCodec(), [
            'storedVersion' => 1,
            'data' => ['x' => 0.1, 'y' => 0.2, 'width' => 0.3, 'height' => 0.4],
        ]);
        $this->assertEquals(Region::of(0.1, 0.2, 0.3, 0.4), $region);
        $suggestion = Envelope::open(new SuggestionCodec(), [
            'storedVersion' => 1,
            'data' => ['fNumber' => 8, 'exposureTime' => 0.5, 'iso' => 100, 'mode' => 'manual'],
        ]);
        $this->assertSame('ƒ/8', (string) $suggestion->exposure->settings->aperture);
        $stated = Envelope::open(new StatedFieldsCodec(), [
            'storedVersion' => 1,
            'data' => ['fNumber' => 8, 'support' => 'tripod', 'focalLength35' => 75],
        ]);
        $this->assertSame([Support::Tripod, 75.0], [$stated->support, $stated->focalLength35]);
    }

    public function test_texts_from_before_there_were_versions_are_brought_up(): void
    {
        $stated = Envelope::open(new StatedFieldsCodec(), [
            'fNumber' => 'f/5,6',
            'exposureTime' => '1/250',
            'iso' => 'ISO 400',
            'focalLength' => '50 mm',
            'compensation' => '−1',
            'support' => 'tripod',
            'mode' => '',
        ]);
        $this->assertSame('ƒ/5.6', (string) $stated->fNumber);
        $this->assertSame('1/250 s', (string) $stated->exposureTime);
        $this->assertSame('ISO 400', (string) $stated->iso);
        $this->assertSame(
            [50.0, -1.0, Support::Tripod],
            [$stated->focalLength, $stated->compensation, $stated->support],
        );
        $this->assertNull($stated->mode);

        $intent = Envelope::open(new IntentCodec(), [
            'near' => '1,5',
            'far' => 'horizon',
            'stars' => '1',
            'want' => 'pan',
            'speed' => '4',
            'idea' => '',
        ]);
        $this->assertSame(
            [1.5, INF, true],
            [$intent->distances->near, $intent->distances->far, $intent->contents->stars],
        );
        $this->assertSame([MovementLook::Pan, 4.0], [$intent->movement?->want, $intent->movement?->speed]);
        $this->assertNull($intent->idea);
    }

    public function test_damaged_data_are_one_kind_of_failure(): void
    {
        foreach (
            [
                [new RegionCodec(), ['x' => 'left']],
                [new MarksCodec(), [['kind' => 'no-such-mark', 'points' => []]]],
                [new FindingCodec(), ['id' => 'a.b']],
                [new SuggestionCodec(), ['fNumber' => -1]],
                [new MeasuresCodec(), ['tone' => 3]],
            ] as [$codec, $data]
        ) {
            try {
                Envelope::open($codec, ['storedVersion' => 1, 'data' => $data]);
                $this->fail($codec::class);
            } catch (InvalidArgumentException $problem) {
                $this->assertNotSame('', $problem->getMessage());
            }
        }
    }
}
