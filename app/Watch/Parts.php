<?php

declare(strict_types=1);

namespace App\Watch;

use App\Imaging\Sandbox;
use Throwable;

/** Every part of the service, looked at now. */
final readonly class Parts
{
    /** Without these a node can answer nobody. */
    private const NEEDED = ['database', 'cache', 'disk'];

    public function __construct(
        private DatabaseParts $database,
        private QueueParts $queue,
        private NodeParts $node,
        private Sandbox $sandbox,
    ) {
    }

    /** @return array<string, Part> by name */
    public function all(): array
    {
        return $this->looked($this->looks());
    }

    /** @return array<string, Part> by name; those that a balancer asks for every second, and nothing that is slow */
    public function needed(): array
    {
        return $this->looked(array_intersect_key($this->looks(), array_flip(self::NEEDED)));
    }

    /** @return array<string, callable(): ?Part> by name */
    private function looks(): array
    {
        return [
            'database' => $this->database->primary(...),
            'replicas' => $this->database->replicas(...),
            'cache' => $this->node->cache(...),
            'store' => $this->node->store(...),
            'disk' => $this->node->disk(...),
            'clock' => $this->database->clock(...),
            'workers' => $this->queue->workers(...),
            'queue' => $this->queue->waiting(...),
            'failed jobs' => $this->queue->failed(...),
            'scheduler' => $this->queue->scheduler(...),
            'mail' => $this->node->mail(...),
            'certificate' => $this->node->certificate(...),
            'backup' => $this->queue->backup(...),
            'sandbox' => $this->sandbox(...),
        ];
    }

    /**
     * @param  array<string, callable(): ?Part>  $looks
     * @return array<string, Part>
     */
    private function looked(array $looks): array
    {
        $parts = [];
        foreach ($looks as $name => $look) {
            try {
                $part = $look();
            } catch (Throwable $problem) {
                // What the driver says may hold names and addresses; its kind is enough here.
                $part = Part::wrong(
                    'It does not answer ('.class_basename($problem).').',
                    // Without the store pages are answered all the same; a node that goes out for it helps nobody.
                    isNeeded: in_array($name, self::NEEDED, true),
                );
            }
            if ($part !== null) {
                $parts[$name] = $part;
            }
        }

        return $parts;
    }

    private function sandbox(): Part
    {
        return match (true) {
            $this->sandbox->works() => Part::well('Pictures are parsed shut in.', ['sandbox' => 'on']),
            // Whoever runs the service has decided so.
            ! config('pupil.tools.sandbox') => Part::well(
                'Pictures are parsed within limits alone, as PUPIL_SANDBOX says.',
                ['sandbox' => 'off'],
            ),
            default => Part::wrong(
                'Pictures are parsed within limits alone: this machine allows no user namespaces, or bubblewrap is '.
                    'missing.',
                ['sandbox' => 'off'],
            ),
        };
    }
}
