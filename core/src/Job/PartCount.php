<?php

declare(strict_types=1);

namespace JackRest\Core\Job;

use JackRest\Core\Calculation\InvalidInput;

/** How many boards, ends and joints one piece of a work has. Common practice; the maker may know better. */
final readonly class PartCount
{
    private const MOST = 200;

    /** Boards, worked ends, joints, by pattern. */
    private const USUAL = [
        'dovetailed-box' => [4, 8, 4],
        'rebated-box' => [4, 8, 4],
        'drawer' => [4, 8, 4],
        'grooved-lid' => [3, 2, 2],
        'edge-glued-panel' => [3, 2, 2],
        'tongue-boards' => [5, 10, 4],
        'dado-shelf' => [4, 8, 4],
        'frame-and-panel' => [5, 8, 4],
        'tenoned-stand' => [8, 16, 8],
        'halved-frame' => [4, 8, 4],
        'mitred-frame' => [4, 8, 4],
        'round-stool' => [4, 1, 3],
        'curved-bracket' => [1, 2, 1],
        'workbench' => [9, 16, 8],
        'saw-care' => [1, 1, 1],
    ];

    /** @throws InvalidInput */
    public function __construct(public int $boards = 1, public int $ends = 1, public int $joints = 1)
    {
        foreach (['boards' => $boards, 'ends' => $ends, 'joints' => $joints] as $name => $count) {
            if ($count < 1 || $count > self::MOST) {
                throw InvalidInput::because($name, 'must be from 1 to '.self::MOST);
            }
        }
    }

    public static function usual(?string $pattern): self
    {
        return new self(...self::USUAL[$pattern] ?? [1, 1, 1]);
    }

    public function of(JobPart $part): int
    {
        return match ($part) {
            JobPart::Piece => 1,
            JobPart::Board => $this->boards,
            JobPart::End => $this->ends,
            JobPart::Joint => $this->joints,
        };
    }
}
