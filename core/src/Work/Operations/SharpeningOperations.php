<?php

declare(strict_types=1);

namespace JackRest\Core\Work\Operations;

use JackRest\Core\Work\Operation;
use JackRest\Core\Work\Way;

/** Keeping the tools themselves. Common practice; grades and minutes from memory. */
final class SharpeningOperations
{
    /** @return list<Operation> */
    public static function list(): array
    {
        return [...self::edges(), ...self::teeth()];
    }

    /** @return list<Operation> */
    private static function edges(): array
    {
        return [
            new Operation('grind', 'grind a bevel anew', 'After a nick, or when the flat has grown.', [
                new Way(['grinding-wheel'], 5, 5, 'hollow in minutes; keep it cool'),
                new Way(['diamond-plates', 'honing-guide'], 4, 20, 'on the coarse plate', guided: true),
                new Way(['paper-on-glass', 'honing-guide'], 3, 20, 'on coarse paper, pulled', guided: true),
                new Way(['waterstones', 'honing-guide'], 3, 30, 'on the coarsest stone', guided: true),
                new Way(['oilstones', 'honing-guide'], 2, 45, 'on the coarse stone, slowly', guided: true),
            ]),
            new Operation('hone', 'hone an edge', 'Through the stones, burr and all.', [
                new Way(['waterstones'], 5, 6, 'fast, and very fine'),
                new Way(['diamond-plates', 'strop'], 5, 6, 'any steel; the strop finishes'),
                new Way(['oilstones', 'strop'], 4, 9, 'slow and sure; the strop finishes'),
                new Way(['paper-on-glass', 'honing-guide'], 4, 9, 'through the grits', guided: true),
                new Way(['paper-on-glass'], 3, 9, 'freehand on paper', skill: 3),
            ]),
            new Operation('strop', 'strop an edge', 'Ten strokes a side.', [
                new Way(['strop'], 5, 1, 'ten strokes a side'),
                new Way(['waterstones'], 4, 2, 'back to the finest stone instead'),
            ]),
            new Operation('flatten-stone', 'flatten the stones', 'Flat stones make flat backs.', [
                new Way(['flattening-plate'], 5, 1, 'a few seconds, often', skill: 1),
                new Way(['diamond-plates'], 4, 1.5, 'the coarse plate trues the others', skill: 1),
                new Way(['paper-on-glass'], 4, 3, 'rubbed on coarse paper', skill: 1),
            ]),
            new Operation('turn-burr', 'turn a scraper’s edge', 'File, hone, burnish.', [
                new Way(['mill-file', 'waterstones', 'burnisher'], 5, 6, 'filed square, honed, turned'),
                new Way(['mill-file', 'oilstones', 'burnisher'], 5, 7, 'filed square, honed, turned'),
                new Way(['mill-file', 'diamond-plates', 'burnisher'], 5, 6, 'filed square, honed, turned'),
                new Way(['mill-file', 'burnisher'], 3, 4, 'filed and turned: a rougher edge'),
            ]),
        ];
    }

    /** @return list<Operation> */
    private static function teeth(): array
    {
        return [
            new Operation('have-saw', 'have a saw to sharpen', 'Files alone make nothing.', [
                new Way(['dovetail-saw'], 5, 1, 'a backed saw with rip teeth', skill: 1),
                new Way(['carcase-saw'], 5, 1, 'a backed saw with crosscut teeth', skill: 1),
                new Way(['tenon-saw'], 5, 1, 'a deep backed saw', skill: 1),
                new Way(['rip-handsaw'], 5, 1, 'a handsaw with rip teeth', skill: 1),
                new Way(['crosscut-handsaw'], 5, 1, 'a handsaw with crosscut teeth', skill: 1),
                new Way(['panel-saw'], 5, 1, 'a small handsaw', skill: 1),
                new Way(['bow-saw'], 5, 1, 'a frame saw', skill: 1),
            ]),
            new Operation('sharpen-saw', 'sharpen a saw', 'Joint, shape, set, file.', [
                new Way(['saw-files', 'mill-file', 'saw-set', 'bench-vice'], 5, 45, 'jointed, set and filed'),
                new Way(['saw-files', 'bench-vice'], 3, 20, 'touched up, every tooth the same strokes'),
                new Way(['saw-files', 'hand-screws'], 3, 25, 'touched up between two strips'),
            ]),
            new Operation('sharpen-auger', 'sharpen an auger bit', 'Inside of the spurs, upper face of the cutters.', [
                new Way(['auger-file'], 5, 4, 'safe edges where they should be'),
                new Way(['saw-files'], 2, 8, 'a small triangular file, with care', skill: 3),
            ]),
        ];
    }
}
