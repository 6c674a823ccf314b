<?php

declare(strict_types=1);

namespace JackRest\Core\Job;

/**
 * Steps that follow each other. Boards come before everything, gluing after everything but cleaning up; what lies
 * between (joints, recesses, holes, shapes) may be done in any order, each in its own. Common practice.
 */
enum Strand: int
{
    case Boards = 1;
    case Joints = 2;
    case Recesses = 3;
    case Holes = 4;
    case Shapes = 5;
    case Glue = 6;
    case Finish = 7;

    /** @return list<self> what is done before it begins */
    public function follows(): array
    {
        return match ($this) {
            self::Boards => [],
            self::Joints, self::Recesses, self::Holes, self::Shapes => [self::Boards],
            self::Glue => [self::Boards, self::Joints, self::Recesses, self::Holes, self::Shapes],
            self::Finish => [self::Boards, self::Joints, self::Recesses, self::Holes, self::Shapes, self::Glue],
        };
    }
}
