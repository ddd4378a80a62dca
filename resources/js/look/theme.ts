import { createTheme, type MantineColorsTuple } from '@mantine/core';

const slate: MantineColorsTuple = ['#eef4f7', '#d9e5eb', '#b3ccd7', '#8ab1c3', '#7fb6cd', '#4d8aa5', '#3a7f9d', '#2c6c88', '#1f4e63', '#153947'];

const brick: MantineColorsTuple = ['#fbeeed', '#f3d5d3', '#e6aaa6', '#d97d78', '#f08a80', '#c73f37', '#b92f27', '#ad261f', '#a3201a', '#6f1511'];

const ochre: MantineColorsTuple = ['#fdf8ec', '#f9efd2', '#f3e3b8', '#e6c988', '#e2b44f', '#b3842a', '#976a14', '#7a4e08', '#643f06', '#4c3005'];

/** Of the locker theme: letters, then borders, then what stands on the ground, and the ground itself. */
const dark: MantineColorsTuple = ['#e8ebe4', '#c9d0cd', '#a9b5b5', '#8b989b', '#4d5c61', '#2b393e', '#182327', '#121b1e', '#0d1416', '#080d0e'];

export const theme = createTheme({
    primaryColor: 'slate',
    respectReducedMotion: true,
    primaryShade: { light: 8, dark: 7 },
    colors: { slate, brick, ochre, dark },
    fontFamily: 'Barlow, sans-serif',
    headings: { fontFamily: "'Barlow Condensed', sans-serif", fontWeight: '600' },
    fontFamilyMonospace: "'IBM Plex Mono', monospace",
    defaultRadius: 3,
    black: '#16262B',
    fontSizes: { xs: '13px', sm: '13px', md: '15px', lg: '18px', xl: '24px' },
    // As objects, not by their components' own hands: those would come with the first page.
    components: {
        Alert: { defaultProps: { px: 10, py: 6, styles: { message: { fontSize: 14, lineHeight: 1.4 } } } },
        // A target is 24 px at least.
        Checkbox: { defaultProps: { size: 'md', styles: { label: { fontSize: 14 }, body: { alignItems: 'center' } } } },
        Fieldset: { defaultProps: { p: '4px 8px 8px', my: 4, variant: 'unstyled', styles: { root: { border: '1px solid var(--hair)', minWidth: 0 }, legend: { font: '600 15px var(--name)', padding: '0 4px' } } } },
        Input: { vars: (_theme: unknown, { size }: { size?: string }) => ({ wrapper: size === 'xs' ? { '--input-height': '28px', '--input-padding': '6px', '--input-fz': '14px' } : {} }) },
        // Its arrows are too small for a hand; the keys step it all the same.
        NumberInput: { defaultProps: { hideControls: true } },
        Switch: { defaultProps: { size: 'md' } },
        Table: { defaultProps: { horizontalSpacing: 4, verticalSpacing: 2, fz: 14 } },
    },
});
