<?php

declare(strict_types=1);

namespace JackRest\Core\Edge;

/** What an edge needs, worst first, and how to tell; common practice. */
enum EdgeNeed: string
{
    case Nicked = 'nicked';
    case Bevel = 'bevel';
    case Curve = 'camber';
    case FreshGrind = 'fresh-grind';
    case Dull = 'dull';
    case Back = 'back';
    case TouchUp = 'touch-up';

    /** How the contract's `edge-state` calls it: after shaping, an edge is fresh from the grinder. */
    public function condition(): EdgeCondition
    {
        return match ($this) {
            self::Bevel, self::Curve => EdgeCondition::FreshGrind,
            default => EdgeCondition::from($this->value),
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::TouchUp => 'Wants a touch-up',
            self::Dull => 'Dull',
            self::Nicked => 'Nicked',
            self::FreshGrind => 'Fresh from the grinder',
            self::Back => 'Back never flattened',
            self::Curve => 'Wants a curve',
            self::Bevel => 'Wants another angle',
        };
    }

    public function sign(): string
    {
        return match ($this) {
            self::TouchUp => 'Still cuts, but end grain is turning pale.',
            self::Dull => 'The edge shows as a bright line against a light.',
            self::Nicked => 'Bright spots along the edge, or ridges on planed wood.',
            self::FreshGrind => 'One bevel from the wheel, no secondary bevel yet.',
            self::Back => 'The back shines only in patches after a rub on a fine stone.',
            self::Curve => 'Its corners dig tracks, or it must take thick shavings.',
            self::Bevel => 'It crumbles: steeper. It is heavy to push: flatter.',
        };
    }

    public function suits(Blade $blade): bool
    {
        return match ($this) {
            self::Curve => $blade->form->mayBeCurved(),
            // A gouge's inside is polished on a slip, not flattened.
            self::Back => ! in_array($blade->form, [EdgeKind::GaugeWheel, EdgeKind::Gouge], true),
            default => true,
        };
    }

    /** @return list<self> those that this blade can have, in the order they are met */
    public static function forBlade(Blade $blade): array
    {
        $order = [self::TouchUp, self::Dull, self::Nicked, self::FreshGrind, self::Back, self::Bevel, self::Curve];

        return array_values(array_filter($order, static fn (self $need): bool => $need->suits($blade)));
    }

    public static function badness(string $need): int
    {
        $order = array_search(self::tryFrom($need), self::cases(), true);

        return $order === false ? count(self::cases()) : $order;
    }
}
