import { createTheme, type MantineColorsTuple } from '@mantine/core';

const slate: MantineColorsTuple = ['#eef4f7', '#d9e5eb', '#b3ccd7', '#8ab1c3', '#6699b0', '#4d8aa5', '#3a7f9d', '#2c6c88', '#1f4e63', '#153947'];

const brick: MantineColorsTuple = ['#fbeeed', '#f3d5d3', '#e6aaa6', '#d97d78', '#ce5750', '#c73f37', '#b92f27', '#ad261f', '#a3201a', '#6f1511'];

export const theme = createTheme({
    primaryColor: 'slate',
    primaryShade: 8,
    colors: { slate, brick },
    fontFamily: 'Barlow, sans-serif',
    headings: { fontFamily: "'Barlow Condensed', sans-serif", fontWeight: '600' },
    fontFamilyMonospace: "'IBM Plex Mono', monospace",
    defaultRadius: 3,
    black: '#16262B',
    fontSizes: { xs: '13px', sm: '13px', md: '15px', lg: '18px', xl: '24px' },
});
