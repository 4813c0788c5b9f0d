<?php

declare(strict_types=1);

namespace TruePupil\Core\Seen;

/**
 * What was found in a picture by a program that looked at it. It is a question until a person says that it is right.
 * Nobody is recognised by it.
 */
final readonly class Seen
{
    /**
     * @param  list<SeenFace>  $faces  the largest first
     * @param  list<SeenBody>  $bodies
     * @param  list<SeenThing>  $things
     * @param  bool  $isConfirmed  whether a person said that all of it is right
     */
    public function __construct(
        public array $faces = [],
        public array $bodies = [],
        public array $things = [],
        public bool $isConfirmed = false,
    ) {
    }

    public function isEmpty(): bool
    {
        return $this->faces === [] && $this->bodies === [] && $this->things === [];
    }

    public function hasPerson(): bool
    {
        return $this->faces !== [] || $this->bodies !== [];
    }

    /** @return array<string, mixed> the open format */
    public function toArray(): array
    {
        return [
            'faces' => array_map(fn (SeenFace $face): array => $face->toArray(), $this->faces),
            'bodies' => array_map(fn (SeenBody $body): array => $body->toArray(), $this->bodies),
            'things' => array_map(fn (SeenThing $thing): array => $thing->toArray(), $this->things),
            'confirmed' => $this->isConfirmed,
        ];
    }
}
