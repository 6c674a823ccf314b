<?php

declare(strict_types=1);

namespace JackRest\Core\Tool;

/** How tools hang on the board, in the order they are got: sharpening comes before the first edge. */
enum Group: string
{
    case Sharpening = 'sharpening';
    case Chisels = 'chisels';
    case BenchPlanes = 'bench-planes';
    case JoineryPlanes = 'joinery-planes';
    case Saws = 'saws';
    case Layout = 'layout';
    case Holding = 'holding';
    case Boring = 'boring';
    case Shaping = 'shaping';

    public function label(): string
    {
        return match ($this) {
            self::Sharpening => 'Sharpening',
            self::Chisels => 'Chisels',
            self::BenchPlanes => 'Bench planes',
            self::JoineryPlanes => 'Joinery planes',
            self::Saws => 'Saws',
            self::Layout => 'Layout',
            self::Holding => 'Striking and holding',
            self::Boring => 'Boring',
            self::Shaping => 'Shaping and scraping',
        };
    }

    /** What belongs on an empty hook, and why it comes when it does. */
    public function teaches(): string
    {
        return match ($this) {
            self::Sharpening => 'First of all a way to sharpen: an edge tool without it is not a working tool.',
            self::Chisels => 'Then a chisel. If there is to be one only, 12 mm.',
            self::BenchPlanes => 'Then one bench plane: a jack for furniture, a smoother when nearly everything is '
                .'short.',
            self::JoineryPlanes => 'Joinery planes come when a work asks for grooves, rebates or shoulders.',
            self::Saws => 'Then one or two saws: one for joints, one to bring boards to length.',
            self::Layout => 'Then a square, a knife and a gauge. The square can be made.',
            self::Holding => 'A mallet and a bench hook can be made on the first day.',
            self::Boring => 'A brace and the bits that the work has holes for.',
            self::Shaping => 'Spokeshave, scraper and rasps: when the work has curves.',
        };
    }

    /** @return list<self> the order in which an empty bench is filled */
    public static function firstFive(): array
    {
        return [self::Sharpening, self::Chisels, self::BenchPlanes, self::Saws, self::Layout];
    }
}
