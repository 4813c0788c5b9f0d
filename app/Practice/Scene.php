<?php

declare(strict_types=1);

namespace App\Practice;

use Illuminate\Support\Facades\File;
use InvalidArgumentException;
use TruePupil\Core\PracticeCamera\Crossing;
use TruePupil\Core\PracticeCamera\Fall;
use TruePupil\Core\PracticeCamera\MoonDisc;
use TruePupil\Core\PracticeCamera\StarField;
use TruePupil\Core\PracticeCamera\Turning;
use TruePupil\Core\PracticeCamera\Viewpoint;

/** A scene that the practice camera can photograph: its plates, how far off everything is, and what moves in it. */
final readonly class Scene
{
    /** A frame narrower than this share of the plate would show that the plate is made of pixels. */
    private const NARROWEST = 0.4;

    /**
     * @param  array{float, float}  $distances  m, nearest and farthest thing of interest
     * @param  array<string, SceneLight>  $conditions  the first is the usual one
     * @param  list<FocusPoint>  $places
     */
    private function __construct(
        public string $id,
        public SceneWords $words,
        public SceneFiles $files,
        public Viewpoint $view,
        public array $distances,
        public array $conditions,
        public array $places,
        public SceneMotion $motion,
    ) {
    }

    /** @throws InvalidArgumentException */
    public static function find(string $id): self
    {
        $folder = base_path('demo/scenes/'.$id);
        if (preg_match('/^[a-z-]+$/', $id) !== 1 || ! is_file($folder.'/scene.json')) {
            throw new InvalidArgumentException(
                sprintf('There is no scene "%s"; there are %s.', $id, implode(', ', self::ids())),
            );
        }
        $data = File::json($folder.'/scene.json', JSON_THROW_ON_ERROR);
        $conditions = [];
        foreach ($data['conditions'] as $condition) {
            $conditions[$condition['id']] = new SceneLight(
                $condition['id'],
                $condition['title'],
                $condition['candelasPerUnit'],
                (float) $condition['kelvin'],
                isset($condition['moon']) ? new MoonDisc($data['moon'], (float) $condition['moon']) : null,
                (float) ($condition['pulses'] ?? 0),
            );
        }
        $camera = $data['camera'];

        return new self(
            id: $data['id'],
            words: new SceneWords(title: $data['title'], purpose: $data['purpose'], caution: $data['caution'] ?? ''),
            files: SceneFiles::in($folder, $data['plates']),
            view: new Viewpoint($camera['at'], $camera['towards'], (float) $camera['focalLength35']),
            distances: [(float) $data['distances'][0], (float) $data['distances'][1]],
            conditions: $conditions,
            places: array_map(
                fn (array $place): FocusPoint => new FocusPoint(
                    $place['id'],
                    $place['title'],
                    $place['at'],
                    $place['region'] ?? null,
                ),
                array_values($data['places']),
            ),
            motion: new SceneMotion(
                falls: array_map(fn (array $fall): Fall => new Fall(...$fall), array_values($data['falls'] ?? [])),
                waterColour: $data['waterColour'] ?? [1.0, 1.0, 1.0],
                crossing: isset($data['crossing']) ? new Crossing(...$data['crossing']) : null,
                mover: isset($data['mover']) ? Mover::of($data['mover']) : null,
                turning: isset($data['turnsPerSecond']) ? new Turning((float) $data['turnsPerSecond']) : null,
                stars: isset($data['stars']) ? new StarField(...$data['stars']) : null,
            ),
        );
    }

    /** What a scene is called; what is left of one that is no longer there is its id. */
    public static function titleOf(string $id): string
    {
        return in_array($id, self::ids(), true) ? self::find($id)->words->title : $id;
    }

    /** The lights that it can be in, in one line. */
    public function lightsInWords(): string
    {
        return implode(' · ', array_map(fn (SceneLight $light): string => lcfirst($light->title), $this->conditions));
    }

    /** @return list<self> in teaching order */
    public static function all(): array
    {
        return array_map(self::find(...), self::ids());
    }

    /** @return list<string> */
    public static function ids(): array
    {
        return array_values(
            array_filter(File::json(base_path('demo/scenes/scenes.json'), JSON_THROW_ON_ERROR), is_string(...)),
        );
    }

    /** A file of the scene. */
    public function file(string $name): string
    {
        return $this->files->folder.'/'.$name;
    }

    /** @throws InvalidArgumentException */
    public function condition(?string $id): SceneLight
    {
        return $id === null
            ? array_values($this->conditions)[0]
            : $this->conditions[$id] ??
                    throw new InvalidArgumentException(
                        sprintf(
                            'The scene "%s" has no light "%s"; it has %s.',
                            $this->id,
                            $id,
                            implode(', ', array_keys($this->conditions)),
                        ),
                    );
    }

    /**
     * Focal lengths in mm, as on 36x24, that the plate has pixels for.
     *
     * @return array{float, float}
     */
    public function focalLengths35(): array
    {
        return [$this->view->focalLength35, round($this->view->focalLength35 / self::NARROWEST)];
    }
}
