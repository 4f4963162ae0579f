'use client';
import { createTheme } from '@mui/material/styles';

const sans = "'Atkinson Hyperlegible Next Variable', sans-serif";

export const theme = createTheme({
  cssVariables: { colorSchemeSelector: 'data-mui-color-scheme' },
  colorSchemes: {
    light: {
      palette: {
        primary: { main: '#0B5C74' },
        error: { main: '#7A4E0C' },
        warning: { main: '#A3126B' },
        info: { main: '#0B5C74' },
        background: { default: '#F4F7F6', paper: '#FFFFFF' },
        text: { primary: '#14303B', secondary: '#3F5A64' },
        divider: '#C9D6D8',
      },
    },
    dark: {
      palette: {
        primary: { main: '#7CC4D1' },
        error: { main: '#F0DDA6' },
        warning: { main: '#F29BCB' },
        info: { main: '#7CC4D1' },
        background: { default: '#0B1E27', paper: '#12303B' },
        text: { primary: '#DCE9EA', secondary: '#A9C0C4' },
        divider: '#24444F',
      },
    },
  },
  shape: { borderRadius: 6 },
  typography: {
    fontFamily: sans,
    fontSize: 15,
    h1: { fontSize: 24, fontWeight: 700, lineHeight: 1.25 },
    h2: { fontSize: 18, fontWeight: 700 },
    h3: { fontSize: 15, fontWeight: 700 },
    body1: { fontSize: 15 },
    body2: { fontSize: 14 },
    caption: { fontSize: 13, color: 'var(--ink-2)' },
    button: { textTransform: 'none', fontWeight: 600, fontSize: 15 },
  },
  transitions: {
    duration: {
      shortest: 120,
      shorter: 150,
      short: 160,
      standard: 180,
      complex: 200,
      enteringScreen: 180,
      leavingScreen: 150,
    },
  },
  components: {
    MuiPaper: { defaultProps: { elevation: 0, variant: 'outlined' } },
    MuiButton: { defaultProps: { disableElevation: true } },
    MuiTextField: { defaultProps: { size: 'small' } },
    MuiToggleButton: { styleOverrides: { root: { color: 'var(--ink-2)' } } },
    MuiChip: { styleOverrides: { root: { fontSize: 14, height: 34, borderRadius: 17 } } },
  },
});
