<?php

declare(strict_types=1);

namespace App\View\Presenters;

use App\Courses\ContactSheet;
use App\Courses\FrameGroup;
use App\Courses\SetFrame;
use App\Critique\OwnNumbers;

/** A contact sheet as it is asked for: in which groups, and by which check. */
final readonly class ContactSheetView
{
    public const MISSED = 'missed';

    /** How a sheet can be ordered. */
    public const ORDERS = [self::MISSED => 'by what was missed', 'wait' => 'longest waiting', 'name' => 'by name'];

    /**
     * @param  string  $check  that the sheet is grouped by; empty where none was asked
     * @param  array<string, string>  $checks  what each asks for, the most missed first
     * @param  list<FrameGroup>  $groups
     */
    private function __construct(
        public ContactSheet $sheet,
        public string $order,
        public string $check,
        public array $checks,
        public array $groups,
    ) {
    }

    public static function of(ContactSheet $sheet, string $order, string $check): self
    {
        $checks = $sheet->checks();
        $check = isset($checks[$check]) ? $check : (string) array_key_first($checks);
        $order = isset(self::ORDERS[$order]) ? $order : self::MISSED;

        return new self($sheet, $order, $check, $checks, match (true) {
            $order === 'name' => $sheet->byStudent(),
            $order === 'wait' || $check === '' => $sheet->byWait(),
            default => $sheet->byCheck($check),
        });
    }

    /** What the check came to on a frame: "−1½ stops". */
    public function told(SetFrame $frame): ?string
    {
        return $frame->number($this->check)?->told();
    }

    public function isOff(SetFrame $frame): bool
    {
        return $this->check !== '' && $frame->verdict($this->check)->isOff();
    }

    /** A frame's numbers for each place in a remark, as JSON. */
    public function own(SetFrame $frame): string
    {
        $number = $frame->number($this->check);

        return (string) json_encode(
            array_filter(['stops' => $number?->stops(), 'value' => $number?->told()]),
            JSON_UNESCAPED_UNICODE,
        );
    }

    /** @return array<string, string> places that some frame has a number for, by what is asked for */
    public function places(): array
    {
        return array_filter(OwnNumbers::PLACES, function (string $what): bool {
            foreach ($this->sheet->frames as $frame) {
                $number = $frame->number($this->check);
                if (($what === 'stops' ? $number?->stops() : $number?->told()) !== null) {
                    return true;
                }
            }

            return false;
        }, ARRAY_FILTER_USE_KEY);
    }
}
