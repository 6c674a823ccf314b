<?php

declare(strict_types=1);

namespace JackRest\Core\Care;

use JackRest\Core\Kit\ToolAtHand;
use JackRest\Core\Tool\ToolKinds;

/** What keeps tools well: for which of them, how often, how long it takes. Intervals and minutes from memory. */
enum CareJob: string
{
    case Wipe = 'wipe';
    case Wax = 'wax';
    case Oil = 'oil';
    case Screws = 'screws';
    case Handles = 'handles';
    case Damp = 'damp';
    case Brush = 'brush';

    private const FORMS = [
        'wipe' => [
            'plane',
            'block-plane',
            'shoulder-plane',
            'router',
            'back-saw',
            'handsaw',
            'pull-saw',
            'chisel',
            'square',
            'drawknife',
            'spokeshave',
            'compass-plane',
            'plough',
            'bits',
            'hatchet',
        ],
        'wax' => ['plane', 'block-plane', 'shoulder-plane', 'back-saw', 'handsaw', 'router', 'compass-plane'],
        'oil' => ['plane', 'block-plane', 'brace', 'hand-drill', 'vice', 'clamp', 'plough', 'combination-plane'],
        'screws' => [
            'plane',
            'block-plane',
            'shoulder-plane',
            'back-saw',
            'handsaw',
            'spokeshave',
            'router',
            'brace',
            'plough',
        ],
        'handles' => ['chisel', 'hammer', 'hatchet', 'mallet', 'file', 'drawknife', 'handsaw', 'back-saw'],
        'damp' => [],
        'brush' => ['file'],
    ];

    /** @param  int  $tools  how many of them */
    public function says(int $tools): string
    {
        $count = $tools === 1 ? 'one tool' : "$tools tools";

        return match ($this) {
            self::Wipe => "Wipe $count with an oily rag.",
            self::Wax => "Wax the soles and plates of $count.",
            self::Oil => "A drop of oil for the screws and joints of $count.",
            self::Screws => "Try the screws and wedges of $count.",
            self::Handles => "Look at the handles of $count.",
            self::Damp => 'Look into the drawers and behind the board for damp.',
            self::Brush => 'Brush '.
                ($tools === 1 ? 'one file or rasp' : "$tools files and rasps").
                ' clean, along the teeth.',
        };
    }

    public function why(): string
    {
        return match ($this) {
            self::Wipe => 'Fingers leave salt; rust begins there. Lay oily rags flat to dry outdoors: heaped they '
                .'can catch fire by themselves.',
            self::Wax => 'It slides, and water finds no hold.',
            self::Oil => 'What turns should not grind.',
            self::Screws => 'Wood shrinks away from them with the season.',
            self::Handles => 'A loose head or handle is not struck with.',
            self::Damp => 'Irons out of the damp; nothing rusts as fast as what is forgotten.',
            self::Brush => 'A pinned file scratches. What skates over steel when it is clean is worn: change it; a '
                .'rasp that only polishes, too.',
        };
    }

    /** Days between two rounds. */
    public function days(Damp $damp): float
    {
        $usual = match ($this) {
            self::Wipe => 14.0,
            self::Wax => 45.0,
            self::Oil => 120.0,
            self::Screws => 180.0,
            self::Handles => 180.0,
            self::Damp => 60.0,
            self::Brush => 90.0,
        };

        return in_array($this, [self::Wipe, self::Wax, self::Damp], true) ? $usual * $damp->factor() : $usual;
    }

    public function minutes(int $tools): int
    {
        $each = match ($this) {
            self::Wipe => 0.3,
            self::Wax => 0.7,
            self::Oil, self::Screws => 0.5,
            self::Handles => 0.3,
            self::Damp => 0.0,
            self::Brush => 1.0,
        };

        return max(2, (int) ceil($each * $tools));
    }

    /**
     * @param  list<ToolAtHand>  $tools
     * @return list<ToolAtHand> those it is for
     */
    public function for(array $tools): array
    {
        return array_values(
            array_filter(
                $tools,
                fn (ToolAtHand $tool): bool => in_array(
                    ToolKinds::named($tool->kind)->form,
                    self::FORMS[$this->value],
                    true,
                ),
            ),
        );
    }

    /** Whether it is asked for even where it is for no tool. */
    public function isForTheShop(): bool
    {
        return $this === self::Damp;
    }
}
