<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;

/** The pages about edges, as somebody with one hand free would use them. */
final class EdgesPlaceTest extends BrowserTestCase
{
    public function test_a_sharpening_day_is_walked_stone_by_stone(): void
    {
        $this->open('/edges');
        $this->sees("//a[contains(., 'Sharpen them together')]")->click();
        $this->seesText('Round by round');
        $this->seesText('Saves');
        $this->press('Start the day at the bench');
        $this->seesText('Fetch the 1000 stone');
        $stones = $this->walkTheDay();
        self::assertSame(2, $stones, 'each stone is fetched once');
        $this->open('/edges');
        $this->seesText('All of them are sharp.');
    }

    public function test_a_figure_of_the_geometry_moves_the_drawing_and_the_next_stroke(): void
    {
        $this->open('/edges/'.$this->edge('iron of the smoothing plane, 50 mm').'/geometry');
        self::assertSame('It cuts at 45°, with 15° of clearance.', $this->nextStroke());
        $this->type('Honed angle', '33');
        $this->seesText('with 12° of clearance');
        $this->sees("//*[name()='svg']//*[name()='text'][contains(., '33° honed')]");
        $this->type('Honed angle', '400');
        $this->seesText('An edge is honed between 10° and 80°.');
        $this->sees("//*[name()='svg']//*[name()='text'][contains(., '33° honed')]");
        $this->type('Honed angle', '33');
        $this->press('Save');
        $this->open('/edges/'.$this->edge('iron of the smoothing plane, 50 mm'));
        $this->sees("//*[name()='svg']//*[name()='text'][contains(., '33° honed')]");
    }

    public function test_one_tap_writes_a_stropping_down_and_the_diary_undoes_it(): void
    {
        $edge = $this->edge('18 mm chisel');
        $this->open("/edges/$edge");
        $this->press('Stropped');
        $this->seesText('Stropped the 18 mm chisel, 10 strokes a side.');
        $this->open("/edges/$edge/diary");
        $this->seesText('Stropped it, 10 strokes a side.');
        $this->open("/edges/$edge");
        $this->press('undo');
        $this->open("/edges/$edge/diary");
        $this->seesText('What happened to it');
        $this->seesNoMore('10 strokes a side');
    }

    public function test_use_is_written_down_and_an_unreadable_figure_is_kept(): void
    {
        $this->open('/edges/'.$this->edge('18 mm chisel').'/diary');
        $this->type('Minutes of use', 'half an hour');
        $this->press('Write it down');
        $this->seesText('Type minutes as a number up to a day, such as 25.');
        self::assertSame('half an hour', $this->field('Minutes of use')->getAttribute('value'));
        $this->type('Minutes of use', '30');
        $this->press('Write it down');
        $this->seesText('Used it for 30 minutes in soft wood.');
    }

    public function test_a_stone_is_added_by_what_is_printed_on_it(): void
    {
        $this->open('/edges/rack');
        $this->press('Add a stone');
        $this->type('Printed on it', '12000000');
        $this->sees("//button[contains(., 'Put it on the rack')][@disabled]");
        $this->type('Printed on it', '1000');
        $this->seesText('11.5 µm');
        $this->type('Called', 'second 1000 stone');
        $this->press('Put it on the rack');
        $this->seesText('do the same');
    }

    public function test_a_guide_is_calibrated_and_prints_its_board(): void
    {
        $this->open('/edges/guides/new');
        $this->type('Roller, across', '12.7');
        foreach (
            [
                'Setting 1: stands out' => '40',
                'Setting 1: angle' => '25',
                'Setting 2: stands out' => '30',
                'Setting 2: angle' => '30',
            ] as $label => $text
        ) {
            $this->type($label, $text);
        }
        $this->seesText('Set 25° at 40 mm, 30° at 30 mm.');
        $this->press('Save');
        $this->seesText('Its projection board');
        $link = (string) $this->sees("//a[contains(., 'Print it: PDF')]")->getDomProperty('href');
        self::assertStringStartsWith('%PDF', (string) file_get_contents($link));
    }

    public function test_pasted_lines_are_shown_before_they_are_taken_in(): void
    {
        // The address it had before leads there.
        $this->open('/edges/files');
        $this->sees('//textarea');
        $box =
            $this->browser->findElements(WebDriverBy::cssSelector('textarea'))[0] ??
            self::fail('There is no field to paste into.');
        $box->sendKeys("day;edge;what;minutes\n2026-11-20;12 mm chisel;used;25\n2026-13-40;12 mm chisel;used;25");
        $this->seesText('Import 1 line');
        $this->seesText('Line 3: Write the day as');
        $this->press('Import 1 line');
        $this->seesText('The diary can undo it.');
        $this->open('/edges/'.$this->edge('12 mm chisel').'/diary');
        $this->seesText('20 Nov 2026');
    }

    private function edge(string $name): int
    {
        $edges = json_decode((string) file_get_contents(self::server()->url('/api/edges')), true)['edges'];

        return array_column($edges, 'id', 'name')[$name];
    }
}
