<?php

declare(strict_types=1);

namespace TruePupil\Core\Intent;

use TruePupil\Core\Motion\Stir;

/**
 * What is photographed: it decides how still it is, how it is framed where nobody says, and which aperture suits it.
 */
enum SubjectKind: string
{
    case Person = 'person';
    case People = 'people';
    case Child = 'child';
    case Animal = 'animal';
    case Bird = 'bird';
    case Walker = 'walker';
    case Runner = 'runner';
    case Cyclist = 'cyclist';
    case Vehicle = 'vehicle';
    case Stage = 'stage';
    case Thing = 'thing';
    case Document = 'document';
    case Plant = 'plant';
    case Room = 'room';
    case View = 'view';
    case Water = 'water';
    case Moon = 'moon';
    case NightSky = 'night-sky';
    case Fireworks = 'fireworks';

    public function label(): string
    {
        return match ($this) {
            self::Person => 'a person',
            self::People => 'several people',
            self::Child => 'a child at play',
            self::Animal => 'an animal',
            self::Bird => 'a bird',
            self::Walker => 'somebody walking',
            self::Runner => 'running, or sport',
            self::Cyclist => 'a cyclist',
            self::Vehicle => 'cars or trains',
            self::Stage => 'a stage',
            self::Thing => 'a thing',
            self::Document => 'something flat',
            self::Plant => 'flowers or leaves',
            self::Room => 'a room',
            self::View => 'a view',
            self::Water => 'flowing water',
            self::Moon => 'the moon',
            self::NightSky => 'the night sky',
            self::Fireworks => 'fireworks',
        };
    }

    /** @return list<self> those that are asked for by one tap; the others can be chosen from a list */
    public static function asked(): array
    {
        return [
            self::Person, self::People, self::Child, self::Animal, self::Runner, self::Stage,
            self::Thing, self::Plant, self::Room, self::View, self::Water, self::NightSky,
        ];
    }

    /** @param  bool  $isOnTheMove  somebody said that it moves */
    public function stir(bool $isOnTheMove = false): Stir
    {
        return match ($this) {
            self::Person => $isOnTheMove ? Stir::Walking : Stir::Posed,
            self::People => $isOnTheMove ? Stir::Walking : Stir::Talking,
            self::Child, self::Animal => Stir::Playing,
            self::Bird => $isOnTheMove ? Stir::Flying : Stir::Alert,
            self::Walker => Stir::Walking,
            self::Runner => Stir::Running,
            self::Cyclist, self::Vehicle => Stir::Alert,
            self::Stage => Stir::OnStage,
            // What moves in a view or a room is people, mostly.
            self::Thing, self::Document, self::Plant, self::Room, self::View => $isOnTheMove
                ? Stir::Walking
                : Stir::Still,
            self::Water, self::Moon, self::NightSky, self::Fireworks => Stir::Still,
        };
    }

    public function isAlive(): bool
    {
        return ! $this->standsStill() && $this !== self::Vehicle;
    }

    /** Whether a support holds all that would blur: nothing in it moves by itself. */
    public function standsStill(): bool
    {
        return $this->stir() === Stir::Still;
    }

    /** Whether it is taken from as near as can be and with the longest lens there is. */
    public function isNeverNearEnough(): bool
    {
        return $this === self::Bird || $this === self::Moon;
    }

    /** Whether the light of a flash reaches it and does not spoil it. */
    public function canBeLit(): bool
    {
        return in_array(
            $this,
            [self::Person, self::People, self::Child, self::Animal, self::Walker, self::Thing, self::Plant,
                self::Document],
            true,
        );
    }

    /** The kind that a word means, also where another word is usual for it. */
    public static function fromWord(string $word): ?self
    {
        return self::tryFrom($word) ?? match ($word) {
            'portrait', 'face', 'figure', 'worker' => self::Person,
            'group', 'family', 'crowd', 'street' => self::People,
            'children', 'baby', 'toddler' => self::Child,
            'pet', 'dog', 'cat', 'horse', 'insect', 'butterfly', 'wildlife' => self::Animal,
            'birds' => self::Bird,
            'walking', 'pedestrian' => self::Walker,
            'sport', 'athlete', 'player', 'dancer', 'running' => self::Runner,
            'bicycle' => self::Cyclist,
            'car', 'cars', 'train', 'motorcycle', 'boat', 'plane', 'aircraft' => self::Vehicle,
            'concert', 'singer', 'theatre', 'band' => self::Stage,
            'still-life', 'still', 'food', 'product', 'object', 'detail', 'sculpture' => self::Thing,
            'flat', 'letter', 'painting', 'copy', 'page' => self::Document,
            'flower', 'flowers', 'leaves', 'foliage', 'mushroom' => self::Plant,
            'interior', 'church', 'hall' => self::Room,
            'landscape', 'building', 'architecture', 'city', 'cityscape', 'skyline', 'scene', 'snow' => self::View,
            'waterfall', 'river', 'sea', 'waves', 'stream' => self::Water,
            'stars', 'sky', 'milky-way', 'aurora', 'star-trails' => self::NightSky,
            'lightning' => self::Fireworks,
            default => null,
        };
    }
}
